/** Ends the task at hand, so that the page can answer before the next begins. */
export const breathe = () => new Promise<void>((done) => setTimeout(done));
