/** A request's body that carries a file. */
export function withFile(file: File | null) {
  const body = new FormData();
  if (file) body.append('file', file);
  // the generated type of a file is text
  return { body: body as unknown as { file: string }, bodySerializer: () => body };
}
