import { hostname, networkInterfaces } from 'node:os';
import type { NextFunction, Request, RequestHandler, Response } from 'express';
import helmet from 'helmet';

/** Who may come in, and with which headers everything goes out. */

/** What every answer carries: only our own scripts, no sniffing, no framing, no word of what runs here. */
export const headers = (): RequestHandler =>
  helmet({
    contentSecurityPolicy: {
      useDefaults: false,
      directives: {
        defaultSrc: ["'self'"],
        scriptSrc: ["'self'"],
        // The page size of the papers and the toasts are styles that are made while the page runs.
        styleSrc: ["'self'", "'unsafe-inline'"],
        imgSrc: ["'self'", 'data:', 'blob:'],
        fontSrc: ["'self'"],
        workerSrc: ["'self'", 'blob:'],
        connectSrc: ["'self'"],
        objectSrc: ["'none'"],
        baseUri: ["'self'"],
        formAction: ["'self'"],
        frameAncestors: ["'none'"],
      },
    },
    frameguard: { action: 'deny' },
    // A shop's own machine is reached by plain HTTP.
    strictTransportSecurity: false,
    crossOriginEmbedderPolicy: false,
    originAgentCluster: false,
  });

/** The name in a Host header, without its port. */
const nameIn = (host: string): string =>
  host
    .toLowerCase()
    .replace(/:\d+$/, '')
    .replace(/^\[|\]$/g, '');

/** Names that this machine answers to: itself, the address it listens on, its own name, and what the shop adds. */
export function ownNames(listensOn: string, added: readonly string[]): ReadonlySet<string> {
  const everywhere = listensOn === '0.0.0.0' || listensOn === '::';
  const addresses = everywhere
    ? Object.values(networkInterfaces()).flatMap((all) => (all ?? []).map(({ address }) => address))
    : [];
  const machine = everywhere ? [hostname(), `${hostname()}.local`] : [];
  return new Set(
    ['localhost', '127.0.0.1', '::1', listensOn, ...addresses, ...machine, ...added].map((n) =>
      n.toLowerCase(),
    ),
  );
}

const READS = ['GET', 'HEAD', 'OPTIONS'];

/**
 * Only requests to our own name, and writes only from our own pages: a page of somebody else's that is open in the same
 * browser can neither reach us by a name of its own (rebinding) nor change anything here.
 */
export const ownOnly =
  (names: ReadonlySet<string>): RequestHandler =>
  (request: Request, response: Response, next: NextFunction) => {
    const host = request.headers.host ?? '';
    const refuse = (message: string) => response.status(403).json({ status: 403, message });
    if (!names.has(nameIn(host)))
      return refuse(
        `“${host}” is not a name of this shop. Use its own address, or add the name to ROTULA_HOSTS.`,
      );
    if (READS.includes(request.method)) return next();
    const { origin } = request.headers;
    const isOther = origin !== undefined && origin.replace(/^https?:\/\//, '') !== host;
    if (isOther || request.headers['sec-fetch-site'] === 'cross-site')
      return refuse('Changes are taken from Rotula’s own pages only.');
    return next();
  };
