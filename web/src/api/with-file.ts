/** A request's body that carries a file. */
export function withFile(file: File | null) {
  const body = new FormData();
  if (file) body.append('file', file);
  // the generated type of a file is text
  return { body: body as unknown as { file: string }, bodySerializer: () => body };
}

/** A request's body that carries several files. */
export function withFiles(files: File[]) {
  const body = new FormData();
  for (const file of files) body.append('files', file, file.name);
  return { body: body as unknown as { files: string[] }, bodySerializer: () => body };
}

/** A request's body that carries a file, and what is to be done with it. */
export function withFileAnd<T>(file: File, how: T) {
  const body = new FormData();
  body.append('file', file);
  body.append('how', new Blob([JSON.stringify(how)], { type: 'application/json' }));
  return { body: { file: '', how }, bodySerializer: () => body };
}
