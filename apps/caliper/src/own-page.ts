/** The names by which this machine calls itself. */
const OWN_HOSTS = ['127.0.0.1', 'localhost', '[::1]'] as const

/**
 * Whether somebody who connects is one of the application's own pages: on a page of another site, the browser names that site as the
 * origin; behind another name that points here, it names that as the host.
 */
export const isOwnPage = (
  { host, origin }: { readonly host?: string | undefined; readonly origin?: string | undefined },
  pagesPort: number,
): boolean =>
  OWN_HOSTS.some((name) => origin === `http://${name}:${pagesPort}`) &&
  OWN_HOSTS.some((name) => host?.replace(/:\d+$/, '') === name)
