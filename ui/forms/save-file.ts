/** Hands a file to the person: an address of any kind, or text as CSV. */
export function saveFile(name: string, href: string): void {
  const link = document.createElement('a');
  [link.download, link.href] = [name, href];
  link.click();
}

export function saveText(name: string, text: string): void {
  const url = URL.createObjectURL(new Blob([text], { type: 'text/csv' }));
  saveFile(name, url);
  URL.revokeObjectURL(url);
}
