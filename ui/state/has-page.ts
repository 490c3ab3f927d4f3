/** Whether the server can give the page that is open: it answers, and has all that the page is made of. */
export async function serverHasPage(): Promise<boolean> {
  if (!navigator.onLine) return false;
  return fetch(window.location.href, { method: 'HEAD', cache: 'no-store' }).then(
    ({ ok }) => ok,
    () => false,
  );
}
