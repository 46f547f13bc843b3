/** Milliseconds that the server's clock is ahead of this device's: a day is the same on the page and in the journal. */
const ahead = (() => {
    const server = Number(document.querySelector<HTMLMetaElement>('meta[name="now"]')?.content);
    return server > 0 ? server - Date.now() : 0;
})();

/** The moment it is for the server, seconds since 1970. */
export const now = () => (Date.now() + ahead) / 1000;
