/** One voice for all commands: what is being done, and clear ends. */
export const say = (text) => console.log(`[loyal-coil] ${text}`);

/** Ends the command with a sentence that says what is wrong and what to do. */
export function fail(text) {
  console.error(`[loyal-coil] ${text}`);
  process.exit(1);
}
