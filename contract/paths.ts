// Where everything is, for server and web alike.
/** Who made an act, beside the act itself: refused under anybody else's sign-in. */
export const MAKER_HEADER = 'x-maker';

export const paths = {
  door: '/api/door',
  signIn: '/api/sign-in',
  signOut: '/api/sign-out',
  me: '/api/me',
  firstLead: '/api/first-lead',
  pin: '/api/pin',
  journal: '/api/journal',
  views: '/api/views',
  live: '/api/live',
  export: '/api/export',
  /** Bytes of photographs, by their SHA-256. */
  files: '/api/files',
  demoClock: '/api/demo/clock',
  meter: '/api/devices/meter',
  meterReference: '/api/devices/meter/reference',
  health: '/api/health',
} as const;
export const viewPath = (view: string, query: Record<string, string> = {}): string => {
  const search = new URLSearchParams(query).toString();
  return `${paths.views}/${view}${search ? `?${search}` : ''}`;
};
