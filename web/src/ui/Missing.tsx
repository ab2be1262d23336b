import { Link } from 'react-router'

/** What an address names is not there: said, with a way on. */
export function Missing({ title, to, label }: { readonly title: string; readonly to: string; readonly label: string }) {
  return (
    <div className="mx-auto max-w-xl p-8">
      <h1 className="text-2xl font-bold">{title}</h1>
      <Link to={to} className="mt-2 inline-flex min-h-11 items-center font-semibold text-magenta underline">
        {label}
      </Link>
    </div>
  )
}
