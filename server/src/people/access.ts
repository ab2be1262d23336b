import { ROLES, type Role } from '@nimble-anchor/core/formats'

/**
 * Who may do what: one table of every route. The guard reads it, the page of the
 * documentation is made from it, and a test tries every route with every role. A
 * route that is not in it is answered to nobody.
 */
export interface Access {
  /** Who may, once people sign in. `open`: also who is not signed in. */
  readonly who: readonly Role[] | 'open'
  /** The password or passkey is asked for again, and counts once. */
  readonly again?: true
  /** A line of the audit, where it was done; without personal data of families. */
  readonly audit?: string
  /** Needs somebody who is signed in: of no use before the first person is made. */
  readonly needsPerson?: true
  /** What other devices look at again, once it was done; a fitting tells of itself. */
  readonly tells?: 'day' | 'catalogue'
}

const everybody = { who: ROLES } as const
const fitting = { who: ['lead', 'fitter', 'trainee'] } as const
const lead = { who: ['lead'] } as const
const open = { who: 'open' } as const
const oneself = { who: ROLES, needsPerson: true } as const

export const ACCESS: Readonly<Record<string, Access>> = {
  'GET /api/health': open,
  'POST /api/fingerprint': everybody,
  'GET /api/work/:id': everybody,
  'DELETE /api/work/:id': everybody,
  'GET /api/trust': open,
  'GET /api/trust/authority.crt': open,

  'GET /api/session': open,
  'POST /api/session/sign-in': open,
  'POST /api/session/recover': open,
  'POST /api/session/passkey/options': open,
  'POST /api/session/passkey': open,
  'POST /api/session/switch': open,
  'POST /api/session/lock': open,
  'DELETE /api/session': open,
  'POST /api/session/confirm': oneself,
  'POST /api/session/confirm/options': oneself,
  'PUT /api/session/pin': oneself,
  'PUT /api/session/password': oneself,
  'GET /api/session/passkeys': oneself,
  'POST /api/session/passkeys/options': { ...oneself, again: true },
  'POST /api/session/passkeys': oneself,
  'DELETE /api/session/passkeys/:id': { ...oneself, audit: 'took a passkey away' },
  'POST /api/session/recovery-codes': { ...oneself, again: true, audit: 'made new recovery codes' },
  'GET /api/session/devices': oneself,
  'DELETE /api/session/devices/:id': { ...oneself, audit: 'revoked a device' },
  'POST /api/pairing': { ...oneself, audit: 'began to pair a phone' },
  'POST /api/pairing/claim': open,

  'GET /api/colleagues': oneself,
  'GET /api/people': lead,
  'POST /api/people': lead,
  'PUT /api/people/:id': { ...lead, audit: 'changed a person' },
  'PUT /api/people/:id/password': { ...lead, needsPerson: true, again: true, audit: 'set a person’s password' },
  'GET /api/devices': { ...lead, needsPerson: true },
  'DELETE /api/devices/:id': { ...lead, needsPerson: true, audit: 'revoked a device' },
  'GET /api/audit': { ...lead, needsPerson: true },

  'GET /api/catalogue': everybody,
  'GET /api/catalogue/restraints.json': everybody,
  'GET /api/catalogue/restraints.csv': everybody,
  'GET /api/catalogue/units.csv': everybody,
  'GET /api/catalogue/vehicles.json': everybody,
  'GET /api/catalogue/vehicles.csv': everybody,
  'POST /api/catalogue/import': { ...lead, audit: 'changed the catalogue', tells: 'catalogue' },
  'DELETE /api/catalogue/:kind/:id': { ...lead, audit: 'took an entry out of the catalogue', tells: 'catalogue' },

  'GET /api/practice': everybody,
  'PUT /api/practice/defaults': { ...lead, audit: 'changed which practice new fittings begin with' },
  'PUT /api/practice/profiles/:id': { ...lead, audit: 'changed a practice profile' },
  'PUT /api/practice/local-rules/:id': { ...lead, audit: 'changed a local rule' },
  'DELETE /api/practice/profiles/:id': { ...lead, audit: 'took a practice profile away' },
  'DELETE /api/practice/local-rules/:id': { ...lead, audit: 'took a local rule away' },
  'GET /api/rules/decided': everybody,

  'GET /api/fittings': everybody,
  'POST /api/fittings': fitting,
  'POST /api/fittings/import': { ...fitting, audit: 'brought in a case file' },
  'POST /api/fittings/erased': everybody,
  'GET /api/fittings/:id': everybody,
  'GET /api/fittings/:id/case': fitting,
  'GET /api/fittings/:id/history': everybody,
  'POST /api/fittings/:id/entries': fitting,
  'POST /api/fittings/:id/undo': fitting,
  'POST /api/fittings/:id/revise': fitting,
  'POST /api/fittings/:id/sign': fitting,
  'POST /api/fittings/:id/pass': { ...fitting, needsPerson: true },
  'GET /api/fittings/:id/ahead': everybody,
  'GET /api/fittings/:id/sheet.pdf': fitting,
  'GET /api/fittings/:id/due.ics': fitting,
  'GET /api/fittings/:id/rechecks': everybody,
  'POST /api/fittings/:id/rechecks': { ...fitting, tells: 'day' },
  'POST /api/fittings/:id/carer-link': fitting,
  'GET /api/second-look/:token': open,
  'POST /api/second-look/:token': { ...open, tells: 'day' },
  'GET /api/children/:id/readings': everybody,
  'POST /api/rides': { ...fitting, tells: 'day' },
  'GET /api/rides/:id': everybody,
  'GET /api/rides/:id/sheet.pdf': fitting,
  'DELETE /api/rides/:id/fittings/:fittingId': fitting,
  'POST /api/assess': everybody,
  'POST /api/arrange': everybody,

  'GET /api/families': everybody,
  'GET /api/families/:id': everybody,
  'PUT /api/families/:id': { ...fitting, tells: 'day' },
  'GET /api/families/:id/export': { ...lead, again: true, audit: 'exported a family' },
  'DELETE /api/families/:id': { ...lead, again: true, audit: 'erased a family', tells: 'day' },
  'PUT /api/families/children/:childId': { ...fitting, tells: 'day' },

  'GET /api/jobs': everybody,
  'POST /api/jobs': { ...fitting, tells: 'day' },
  'GET /api/jobs/:id': everybody,
  'POST /api/jobs/:id/steps': { ...fitting, tells: 'day' },
  'POST /api/jobs/:id/answers': { ...fitting, tells: 'day' },

  'GET /api/day': everybody,
  'POST /api/visits': { ...fitting, tells: 'day' },
  'PUT /api/visits/:id': { ...fitting, tells: 'day' },
  'DELETE /api/visits/:id': { ...fitting, tells: 'day' },
  'GET /api/logbook': everybody,
  'GET /api/logbook/charts': everybody,
  'GET /api/logbook.csv': { ...everybody, audit: 'exported the logbook' },
  'GET /api/logbook.json': { ...everybody, audit: 'exported the logbook' },

  'GET /api/demo': everybody,
  'POST /api/demo': { ...lead, audit: 'began the demo', tells: 'catalogue' },
  'DELETE /api/demo': { ...lead, audit: 'took the demo away', tells: 'catalogue' },

  'GET /api/live': everybody,
  'POST /api/live/here': everybody,
}
