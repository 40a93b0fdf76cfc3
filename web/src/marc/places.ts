/** A field or a subfield, as in `008` or `245$a`. */
export type Place = string;

/** The places that a record in text form has, each once, in their order: a field first, then its subfields. */
export function placesIn(text: string): Place[] {
  const places: Place[] = [];
  const add = (place: Place) => {
    if (!places.includes(place)) places.push(place);
  };
  text.split('\n').forEach((line) => {
    const tag = /^([0-9A-Za-z]{3}) /.exec(line)?.[1];
    if (tag === undefined || tag === 'LDR') return;
    add(tag);
    if (tag.startsWith('00')) return;
    for (const found of line.matchAll(/(?<!\\)\$([0-9a-z])/g)) add(`${tag}$${found[1] ?? ''}`);
  });
  return places;
}
