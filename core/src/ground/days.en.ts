/** What is said of a day that no document may name. */
export const outsideDays = ({ from, to }: { readonly from: string; readonly to: string }): string =>
  `must be from ${from} to ${to}`
