/** A call number, as the label on a spine. */
export function SpineTag({ callNumber }: { callNumber: string }) {
  return callNumber === '' ? null : <span className="spine-tag">{callNumber}</span>;
}
