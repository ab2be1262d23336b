import { Search } from 'lucide-react'

interface Props {
  readonly label: string
  readonly placeholder?: string
  readonly value: string
  readonly onChange: (text: string) => void
  readonly className?: string
}

export function SearchField({ label, placeholder = label, value, onChange, className = '' }: Props) {
  return (
    <label className={`flex items-center gap-2 rounded-[3px] border border-line bg-sheet px-2 ${className}`}>
      <Search size={18} aria-hidden="true" />
      <span className="sr-only">{label}</span>
      <input
        type="text"
        value={value}
        onChange={(e) => onChange(e.target.value)}
        placeholder={placeholder}
        className="min-h-11 w-full bg-transparent outline-none"
      />
    </label>
  )
}
