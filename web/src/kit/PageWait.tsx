/** Said in place of a page, or of a part of it, that is still being fetched or worked out. */
export function PageWait({ children }: { children: string }) {
  return (
    <>
      {/* Counts only while no page has named itself: of several titles the browser takes the first. */}
      <title>Yellow Ledger</title>
      <p className="page-wait">{children}</p>
    </>
  );
}
