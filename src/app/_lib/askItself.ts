import 'server-only';

/**
 * Asks the server that runs here, as a user would: routes are loaded apart from what runs at the start, so only a request
 * reaches them and the press they print with.
 * @throws Error where it refuses, or does not answer.
 */
export async function askItself(path: string, body: BodyInit, type = 'application/json'): Promise<Response> {
  const address = `http://127.0.0.1:${process.env.PORT}${path}`;
  const response = await fetch(address, { method: 'POST', headers: { 'Content-Type': type }, body });
  if (!response.ok) throw new Error(`${path} answered ${response.status}`);
  return response;
}
