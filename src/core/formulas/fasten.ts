import * as z from 'zod/mini'
import { ringWithdrawal, smoothWithdrawal, yieldLimit } from '../joints'
import { answer, positive } from '../pocket/fields'
import { ok } from '../result'
import { formula, orElse, value, within } from './formula'

const diameterIn = within(0.05, 2, 'Diameter, inches')

const singleShear = formula({
  name: 'fasten.single_shear',
  clause: 'NDS 2018 12.3.1',
  formula: 'Z, least of Im, Is, II, IIIm, IIIs, IV',
  input: z.strictObject({
    D: diameterIn,
    lm: positive('Bearing in the main member, inches'),
    ls: positive('Bearing in the side member, inches'),
    Fem: positive('Bearing strength of the main member, psi'),
    Fes: positive('Bearing strength of the side member, psi'),
    Fyb: positive('Bending yield strength of the dowel, psi'),
    theta_deg: orElse(within(0, 90, 'Largest angle of load to grain, degrees'), 0),
  }),
  output: z.object({
    modes_lb: z.object({
      Im: answer('Im'),
      Is: answer('Is'),
      II: answer('II'),
      IIIm: answer('IIIm'),
      IIIs: answer('IIIs'),
      IV: answer('IV'),
    }),
    Z_lb: answer('Reference lateral value'),
    mode: z.string(),
  }),
  solve: (given) => {
    const { modes, zLb, mode } = yieldLimit({
      dIn: given.D,
      lmIn: given.lm,
      lsIn: given.ls,
      femPsi: given.Fem,
      fesPsi: given.Fes,
      fybPsi: given.Fyb,
      thetaDeg: given.theta_deg,
    })
    const { Im = 0, Is = 0, II = 0, IIIm = 0, IIIs = 0, IV = 0 } = modes
    return ok({ modes_lb: { Im, Is, II, IIIm, IIIs, IV }, Z_lb: zLb, mode })
  },
})

const withdrawal = formula({
  name: 'fasten.withdrawal',
  clause: 'NDS 2018 12.2.3',
  formula: 'smooth: 1380·G^2.5·D; ring-shank: 1800·G²·D',
  input: z.strictObject({
    G: within(0.2, 1.2, 'Specific gravity'),
    D: diameterIn,
    kind: z.enum(['smooth', 'ring']),
  }),
  output: value('Withdrawal, pounds an inch'),
  solve: ({ G, D, kind }) => ok({ value: kind === 'ring' ? ringWithdrawal(G, D) : smoothWithdrawal(G, D) }),
})

/** Nails, screws and bolts, NDS 2018 chapters 12. */
export const FASTEN = [singleShear, withdrawal] as const
