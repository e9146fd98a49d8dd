/** The heading of a page, and its title: what a reader of the screen and a list of tabs call it. */
export function PageHeading({ name, of }: { name: string; of?: string | undefined }) {
  return (
    <>
      <title>{[name, of, 'Berm'].filter((part) => part !== undefined && part !== '').join(' · ')}</title>
      <h1 className="text-[1.75rem] font-bold">{name}</h1>
    </>
  )
}
