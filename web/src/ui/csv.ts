/** Rows as CSV (RFC 4180). A cell that a spreadsheet would take for a formula is given a quote in front. */
export function toCsv(rows: string[][]): string {
  return rows.map((row) => row.map(cell).join(',')).join('\r\n') + '\r\n';
}

function cell(text: string): string {
  const harmless = /^[=+\-@\t]/.test(text) ? `'${text}` : text;
  return /[",\r\n]/.test(harmless) ? `"${harmless.replaceAll('"', '""')}"` : harmless;
}

export function saveAs(name: string, type: string, text: string): void {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(new Blob(['\uFEFF', text], { type }));
  link.download = name;
  link.click();
  URL.revokeObjectURL(link.href);
}
