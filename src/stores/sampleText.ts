import sampleUrl from '../../demo/orrin-quay.rovack.json?url';

let asked: Promise<string> | null = null;

/**
 * The sample workshop that ships with the application, as the text of its file: fetched once, so that a visit that is going
 * to need it may ask before the database has answered. Not a module: a browser reads a megabyte of program much longer.
 * @throws Error when it cannot be had; the next one asks again
 */
export function sampleText(): Promise<string> {
  asked ??= fetched().catch((error: unknown) => {
    asked = null;
    throw error;
  });
  return asked;
}

async function fetched(): Promise<string> {
  const answer = await fetch(sampleUrl);
  if (!answer.ok) throw new Error(`the sample did not come: ${answer.status}`);
  return answer.text();
}
