/** Lines of a response as they arrive. */
export async function* linesOf(response: Response): AsyncGenerator<string> {
  const reader = response.body?.pipeThrough(new TextDecoderStream()).getReader();
  let rest = '';
  while (reader) {
    const { done, value } = await reader.read();
    const lines = (rest + (value ?? '')).split('\n');
    rest = lines.pop() ?? '';
    yield* lines;
    if (done) break;
  }
  if (rest) yield rest;
}
