/** A text in three parts: what it has in common with another at its beginning, what is its own, and what is common at the end. */
export function differing(text: string, other: string): [string, string, string] {
  const one = Array.from(text);
  const two = Array.from(other);
  let begin = 0;
  while (begin < one.length && begin < two.length && one[begin] === two[begin]) begin += 1;
  let end = 0;
  while (end < one.length - begin && end < two.length - begin && one[one.length - 1 - end] === two[two.length - 1 - end]) end += 1;
  return [one.slice(0, begin).join(''), one.slice(begin, one.length - end).join(''), one.slice(one.length - end).join('')];
}
