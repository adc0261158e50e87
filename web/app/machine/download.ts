/** Hands a file to the reader's downloads. */
export function download(content: Blob, name: string): void {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(content);
  link.download = name;
  link.click();
  URL.revokeObjectURL(link.href);
}

/** A title as the name of a file: "Clouds and brush knee" is "clouds-and-brush-knee". */
export const fileName = (title: string): string =>
  title
    .normalize('NFKD')
    .toLowerCase()
    .replaceAll(/[^a-z0-9]+/g, '-')
    .replaceAll(/^-|-$/g, '') || 'class';
