import type { OvenMode } from './bakeInput';
import { baseCells, saturationPressure, topCells, type BakeSetup } from './bakeSetup';
import { convectiveH, vapourPa, type Oven } from './ovenState';
import { Company } from './company';
import { stack } from './stack';
import { underlays, type Crust } from './tables';

const evaporation = 2.26e6;
const vapourAir = 2.3e-10;
const liquidDiffusion = 3e-10;
const sigma = 5.67e-8;
const crustEmissivity = 0.9;
const viewFactor = 0.9;
const kMultiple = 1.12;
const lateralShare = 0.78;
/** Water activity of a filling, and of one that meets the oven's air. */
const fillingActivity = 0.985;
const openActivity = 0.95;
/** A skin forms where an open filling dries; it lets this share of what still air does through (estimate). */
const skinPermeability = 0.3;

/** Share that an egg brushed on a blind-baked base lets through (estimate). */
const eggSealed = 0.3;
/** From the oven's air through weights and paper to a case, W/(m² K): 1/25 of the surface and a centimetre of beans (estimate). */
const underWeights = 1 / (1 / 25 + 0.01);

const slopeOf = (p: number, t: number): number => (p * 1730.63 * Math.LN10) / (t + 233.426) ** 2;
const kelvin = (t: number): number => t + 273.15;

/** What a step leaves for the observers. */
export interface StepResult {
  surfaceC: number;
  steamGMin: number;
  lostRate: number;
  evaporationKgM2S: number;
  boiled: boolean;
}

/** Fixed conductance terms of one bake, worked out once. */
export class BakeStepper {
  private mode: OvenMode;
  private hcTop: number;
  private hcBottom: number;
  private pAmbient: number;
  private readonly airflow: number;
  private readonly lidResistance: number;
  private readonly lowResistance: number;
  /** Share of the floor's glow that reaches it. */
  private readonly glow: number;
  private readonly lowest: number;
  private readonly lastBase: number;
  private readonly lateralTl: number;
  private readonly lateralThawed: number;
  private readonly lateralFrozen: number;
  private readonly finCapacity: number;
  private readonly leak: number;
  /** What passes between filling and base, against a base that is bare: an egg brushed on it keeps most of it out. */
  private readonly inside: number;
  private readonly weightsUntilS: number;
  private readonly company: Company | null;
  private surfaceTop: number;
  /** How deep an open filling has dried, m. */
  private skinM = 0;
  // 2×2 block Thomas work
  private readonly mx = new Float64Array(26 * 4);
  private readonly mr = new Float64Array(26 * 2);
  private readonly dT = new Float64Array(26);
  private readonly dX = new Float64Array(26);
  private readonly frozen = new Uint8Array(26);
  private readonly Capp = new Float64Array(26);

  /** Heat that came in and heat that stayed, J/m², where somebody keeps the books. */
  audit: { inJ: number; storedJ: number } | null = null;

  constructor(
    private readonly s: BakeSetup,
    private readonly oven: Oven,
  ) {
    const { spec } = s;
    const { mode } = spec.oven;
    this.mode = mode;
    this.airflow = spec.oven.build?.airflow ?? 1;
    this.hcTop = convectiveH(mode, 'top', this.airflow);
    this.hcBottom = convectiveH(mode, 'bottom', this.airflow);
    this.pAmbient = vapourPa(spec.oven, mode, 0);
    this.lidResistance = 1 / (12 + 138 * Math.exp(-(spec.filling.gapMm ?? 1.5) / 2));
    const stony = spec.support === 'stone' || spec.support === 'steel';
    this.company = spec.beside?.length ? new Company(spec.beside, mode, oven.target(0)) : null;
    const under = underlays[spec.under ?? 'paper'];
    this.lowResistance = (s.vessel ? 1 / 250 : stony ? 1 / 250 : 1 / 130) + (s.vessel ? 0 : under.resistance);
    this.glow = under.glow;
    this.lowest = stack.n - 1;
    this.lastBase = stack.iBase + stack.baseCount - 1;
    this.surfaceTop = stack.T[0];
    const heaterHr = (e: number) => 4 * 0.8 * e * sigma * kelvin((oven.target(0) + 100) / 2) ** 3;
    const hs = (this.hcTop + heaterHr(s.vessel?.emissivity ?? 0.9)) * s.shade;
    const side =
      hs > 0
        ? 1 /
          (1 / hs + (s.vessel ? s.vessel.tM / s.vessel.k + 1 / 250 : 0) + (spec.base ? spec.base.tMm / 1000 / 0.25 : 0))
        : 0;
    const f = s.filling;
    const kappa = kMultiple * f.k0 + f.phi;
    const smallest = Math.min(...s.halfWidths);
    const cu = f.density * (4180 * f.water + 1600 * (1 - f.water));
    this.lateralTl = (0.1 * smallest * smallest * cu) / kappa;
    this.lateralThawed = this.lateral(kappa, side);
    this.lateralFrozen = this.lateral(1.2 * f.water + 0.3, side);
    const Lf = s.gapM / 2;
    if (s.support && s.gapM > 0) {
      const r = s.support.emissivity * 0.9 * 4 * sigma * 430 ** 3;
      const m0 = Math.sqrt((this.hcBottom + r + s.view * (this.hcTop + r)) / (s.support.k * s.support.tM));
      this.finCapacity = 1 + ((Math.tanh(m0 * Lf) / (m0 * Lf)) * (s.perimeter * Lf + Math.PI * Lf * Lf)) / s.area;
    } else this.finCapacity = 1;
    const edges = Math.min(2, s.perimeter / s.area / 60);
    this.inside = spec.base?.sealed ? eggSealed : 1;
    this.weightsUntilS = 60 * (spec.empty?.weightsMin ?? 0);
    this.leak = s.vessel ? (s.vessel.loose ? 3e-9 : 1e-9) : s.support ? 8e-9 * edges : 4e-8;
  }

  /** The oven's air at a time: the fan may be switched on or off, and steam end, while it bakes. */
  private blow(mode: OvenMode, tS: number): void {
    this.pAmbient = vapourPa(this.s.spec.oven, mode, tS);
    if (mode === this.mode) return;
    this.mode = mode;
    this.hcTop = convectiveH(mode, 'top', this.airflow);
    this.hcBottom = convectiveH(mode, 'bottom', this.airflow);
  }

  private lateral(kappa: number, U: number): number {
    if (U === 0) return 0;
    if (this.s.round) {
      const R = this.s.halfWidths[0];
      return kappa / (kappa / (2 * U * R) + 1 / 5.783) / (R * R);
    }
    return kappa * this.s.halfWidths.reduce((sum, L) => sum + 1 / (kappa / (U * L) + 1 / 2.467) / (L * L), 0);
  }

  private crustProperties(from: number, count: number, crust: Crust): void {
    const dense = crust.density / (1 + crust.X0);
    for (let i = from; i < from + count; i++) {
      const t = stack.T[i];
      const X = stack.X[i];
      const f = crust.laminated ? Math.max(0, Math.min(1, (t - 75) / 25)) : Math.max(0, Math.min(1, (t - 50) / 50));
      const s = (stack.swollen[i] = Math.max(stack.swollen[i], 1 + (stack.swellTo[i] - 1) * f));
      stack.dz[i] = stack.dz0[i] * s;
      let k = crust.kDry + (crust.kWet - crust.kDry) * Math.min(1, X / crust.X0);
      if (t < -4) k *= 1.4;
      const cu = dense * (1700 + 4180 * X);
      const cf = dense * (1600 + 2050 * X);
      this.capacity(i, t, cu, cf, -16, -4, dense * Math.max(0, X - 0.12) * 3.34e5, stack.dz0[i]);
      const aw = X <= 1e-6 ? 0 : 1 / (1 + (crust.isothermA / X) ** 2.381);
      const ps = saturationPressure(t);
      const p = aw * ps;
      stack.p[i] = p;
      stack.pT[i] = aw * slopeOf(ps, t);
      stack.pX[i] =
        X >= 0.25 * crust.isothermA
          ? (ps * 2.381 * aw * (1 - aw)) / X
          : (ps * 2.381 * 0.0356 * 0.9644) / (0.25 * crust.isothermA);
      let delta = crust.permeability * vapourAir * (1 + 10 * Math.max(0, (p - this.s.pressure) / this.s.pressure));
      if (crust.laminated && s > 1) {
        k = s / (1 / k + (s - 1) / (0.07 + 0.2 * k));
        delta = s / (1 / delta + (s - 1) / vapourAir);
      }
      stack.k[i] = k;
      stack.delta[i] = delta;
    }
  }

  private capacity(
    i: number,
    t: number,
    cu: number,
    cf: number,
    T1: number,
    T2: number,
    latent: number,
    dz: number,
  ): void {
    const c = t >= T2 ? cu : t < T1 ? cf : (cu + cf) / 2 + latent / (T2 - T1);
    stack.C[i] = c * dz;
    this.Capp[i] = c;
    this.frozen[i] = t < T2 ? 1 : 0;
  }

  private properties(): void {
    const { s } = this;
    if (s.top) this.crustProperties(0, topCells, s.top);
    const f = s.filling;
    const cu = f.density * (4180 * f.water + 1600 * (1 - f.water));
    const cf = f.density * (2050 * f.water + 1600 * (1 - f.water));
    const latent = 0.92 * f.density * f.water * 3.34e5;
    for (let i = stack.iFilling; i < stack.iBase; i++) {
      const t = stack.T[i];
      const ps = saturationPressure(t);
      const slope = slopeOf(ps, t);
      this.capacity(i, t, cu, cf, -9, -1, latent, stack.dz0[i]);
      stack.k[i] = t < -1 ? 1.2 * f.water + 0.3 : kMultiple * f.k0 + f.phi * evaporation * vapourAir * slope;
      const activity = i === 0 ? openActivity : fillingActivity;
      stack.p[i] = activity * ps;
      stack.pT[i] = activity * slope;
      stack.pX[i] = 0;
    }
    if (s.base) this.crustProperties(stack.iBase, baseCells, s.base);
    if (s.vessel) this.solid(stack.iVessel, s.vessel);
    if (s.support) this.solid(stack.iSupport, s.support);
    stack.C[this.lowest] = stack.C[this.lowest] * (s.support ? this.finCapacity : 1);
  }

  private solid(i: number, m: { density: number; specificHeat: number; k: number; tM: number }): void {
    stack.k[i] = m.k;
    stack.C[i] = m.density * m.specificHeat * m.tM;
    stack.p[i] = stack.pT[i] = stack.pX[i] = 0;
    this.frozen[i] = 0;
  }

  private conductances(): void {
    const { s } = this;
    const half = (i: number) => stack.dz[i] / (2 * stack.k[i]);
    const lastFilling = stack.iBase - 1;
    const lastFood = stack.baseCount ? this.lastBase : lastFilling;
    for (let i = 0; i < stack.n - 1; i++) {
      let R = 0;
      if (i === stack.topCount - 1) R = this.lidResistance;
      else if (i === lastFilling && stack.baseCount) R = 1 / 300;
      else if (i === lastFood) R = this.lowResistance;
      else if (i === stack.iVessel) R = s.spec.support === 'stone' || s.spec.support === 'steel' ? 1 / 100 : 1 / 60;
      stack.g[i] = 1 / (half(i) + half(i + 1) + R);
      let G = 0;
      const wet = (j: number) => stack.dz[j] / (2 * stack.delta[j]);
      if (i < stack.topCount - 1 || (i >= stack.iBase && i < this.lastBase && stack.baseCount))
        G = 1 / (wet(i) + wet(i + 1));
      else if (i === stack.topCount - 1) G = 1 / (1 / 5e-8 + wet(i));
      else if (i === lastFilling && stack.baseCount) G = 1 / (1 / 1e-7 + wet(i + 1) / this.inside);
      stack.G[i] = G;
      const sameCrust = i < stack.topCount - 1 || (stack.baseCount > 0 && i >= stack.iBase && i < this.lastBase);
      const dense = i < stack.topCount ? s.top : s.base;
      stack.moistureG[i] =
        sameCrust && dense
          ? (liquidDiffusion * (dense.density / (1 + dense.X0))) / (0.5 * (stack.dz0[i] + stack.dz0[i + 1]))
          : 0;
    }
    stack.g[stack.n - 1] = stack.G[stack.n - 1] = stack.moistureG[stack.n - 1] = 0;
  }

  /** Advances the stack by dt seconds at time tS and returns what the observers need. */
  step(tS: number, dt: number, tented: boolean): StepResult {
    const { s, oven } = this;
    const { T, X } = stack;
    this.properties();
    this.conductances();
    oven.advance(tS, dt);
    this.blow(oven.mode, tS);

    const tent = tented ? 0.35 : 1;
    const hr = (e: number, radiantC: number, surfaceC: number) => {
      const [r, u] = [kelvin(radiantC), kelvin(surfaceC)];
      return e * viewFactor * s.traysView * sigma * (r * r + u * u) * (r + u);
    };
    const radTop = oven.radiant('top');
    const radBottom = oven.radiant('bottom');
    const hcTop = this.hcTop * tent;
    const hrTop = hr(crustEmissivity, radTop, this.surfaceTop) * tent;
    const hTop = hcTop + hrTop;
    const weighted = tS < this.weightsUntilS;
    const envTop = weighted ? oven.air : (hcTop * oven.air + hrTop * radTop) / hTop;
    const gTop = 1 / ((weighted ? 1 / underWeights : 1 / hTop) + stack.dz[0] / (2 * stack.k[0]));
    const low = this.lowest;
    const eLow = s.support?.emissivity ?? s.vessel?.emissivity ?? crustEmissivity;
    const hrLow = hr(eLow, radBottom, T[low]) * this.glow;
    const hLow = this.hcBottom + hrLow;
    const envLow = (this.hcBottom * oven.air + hrLow * radBottom) / hLow;
    let gLow = 1 / (1 / hLow + stack.dz[low] / (2 * stack.k[low]));
    let envLow2 = envLow;
    if (s.support && s.gapM > 0) {
      const Lf = s.gapM / 2;
      const hrTray = hr(s.support.emissivity, radTop, T[low]);
      const hf = hLow + s.view * (this.hcTop + hrTray);
      const kt = s.support.k * s.support.tM;
      const m = Math.sqrt(hf / kt);
      const gFin = (s.perimeter / s.area) * kt * m * Math.tanh(m * Lf) * (1 + (Math.PI * Lf) / s.perimeter);
      const fin = (hLow * envLow + s.view * (this.hcTop * oven.air + hrTray * radTop)) / hf;
      envLow2 = (gLow * envLow + gFin * fin) / (gLow + gFin);
      gLow += gFin;
    }
    const hm = hcTop / 850 / (461.5 * kelvin((T[0] + oven.air) / 2));
    // an open filling is wet at first; the deeper it has dried, the thicker the skin its steam must pass
    const crusted = stack.iFilling > 0 || stack.fillingCount === 0;
    const toFace = crusted ? stack.dz[0] / (2 * stack.delta[0]) : this.skinM / (skinPermeability * vapourAir);
    const Gs = weighted ? 0 : 1 / (1 / hm + toFace);
    let Gl = 0;
    if (stack.baseCount && stack.p[this.lastBase] > this.pAmbient)
      Gl = 1 / (1 / this.leak + stack.dz[this.lastBase] / (2 * stack.delta[this.lastBase]));

    let core = Infinity;
    for (let i = stack.iFilling; i < stack.iBase; i++) core = Math.min(core, T[i]);
    const frozenRun = s.fillingStartC <= -1 && core < -1;
    const lateral = frozenRun ? this.lateralFrozen : this.lateralThawed * (1 - Math.exp(-((tS / this.lateralTl) ** 2)));
    const lateralC = s.boilingC + lateralShare * (oven.air - s.boilingC);

    this.solve(dt, { gTop, envTop, gLow, envLow: envLow2, Gs, Gl, lateral, lateralC });

    // heat the load took, for the oven's next step
    let lateralHeat = 0;
    const [t0New, tLowNew] = [T[0] + this.dT[0], T[low] + this.dT[low]];
    for (let i = stack.iFilling; i < stack.iBase; i++)
      lateralHeat += lateral * stack.dz0[i] * (lateralC - T[i] - this.dT[i]);
    const others = this.company?.takes(tS, dt, oven.air) ?? 0;
    oven.takes(
      others + s.pieces * s.area * Math.max(0, gTop * (envTop - t0New) + gLow * (envLow2 - tLowNew) + lateralHeat),
    );

    if (this.audit) {
      const vapour = (i: number) => stack.p[i] + stack.pT[i] * this.dT[i] + stack.pX[i] * this.dX[i] - this.pAmbient;
      const dried = Gs * vapour(0) + (stack.baseCount ? Gl * vapour(this.lastBase) : 0);
      this.audit.inJ += dt * (gTop * (envTop - t0New) + gLow * (envLow2 - tLowNew) + lateralHeat - evaporation * dried);
      for (let i = 0; i < stack.n; i++) this.audit.storedJ += stack.C[i] * this.dT[i];
    }
    const pNew = (i: number) => stack.p[i] + stack.pT[i] * this.dT[i] + stack.pX[i] * this.dX[i];
    const lid = stack.topCount - 1;
    const evap = s.top ? -stack.G[lid] * (pNew(lid) - pNew(lid + 1)) : Gs * Math.max(0, pNew(0) - this.pAmbient);
    if (!crusted) this.skinM += (evap * dt) / (s.filling.density * s.filling.water);
    this.apply();
    const boiled = this.boil(dt);
    const k0 = (2 * stack.k[0]) / stack.dz[0];
    const surfaceC = (hTop * envTop + k0 * T[0]) / (hTop + k0);
    this.surfaceTop = surfaceC;
    for (let i = 0; i < stack.topCount; i++) X[i] = Math.max(X[i] + this.dX[i], 0.2 * X[i], 1e-7);
    for (let i = stack.iBase; i < stack.iBase + stack.baseCount; i++)
      X[i] = Math.max(X[i] + this.dX[i], 0.2 * X[i], 1e-7);
    const lost = boiled + Math.max(0, evap);
    return { surfaceC, steamGMin: lost * s.area * 6e4, lostRate: lost, evaporationKgM2S: evap, boiled: boiled > 0 };
  }

  // oxlint-disable-next-line max-lines-per-function -- the elimination works in place on arrays of the step; calls in its loops would cost more than they tell
  private solve(
    dt: number,
    b: {
      gTop: number;
      envTop: number;
      gLow: number;
      envLow: number;
      Gs: number;
      Gl: number;
      lateral: number;
      lateralC: number;
    },
  ): void {
    const { s, mx, mr, dT, dX } = this;
    const { T, X, p, pT, pX, g, G, moistureG } = stack;
    const n = stack.n;
    const L = evaporation;
    // running inverse-multiplied upper blocks: rows a (heat) and b (moisture)
    let [u00, u01, u10, u11, r0Prev, r1Prev] = [0, 0, 0, 0, 0, 0];
    for (let i = 0; i < n; i++) {
      const crust = i < stack.topCount || (stack.baseCount > 0 && i >= stack.iBase && i < stack.iBase + baseCells);
      const gUp = i > 0 ? g[i - 1] : 0;
      const gDown = g[i];
      const GUp = i > 0 ? G[i - 1] : 0;
      const GDown = G[i];
      const DUp = i > 0 ? moistureG[i - 1] : 0;
      const DDown = moistureG[i];
      const pTi = pT[i];
      const pXi = pX[i];
      let a = stack.C[i] / dt + gUp + gDown + L * (GUp + GDown) * pTi;
      let bb = L * (GUp + GDown) * pXi;
      let c = crust ? (GUp + GDown) * pTi : 0;
      let d = crust ? stack.dryMass[i] / dt + (GUp + GDown) * pXi + DUp + DDown : 1;
      let r0 = 0;
      let r1 = 0;
      if (i > 0) {
        r0 += gUp * (T[i - 1] - T[i]) + L * GUp * (p[i - 1] - p[i]);
        if (crust) r1 += GUp * (p[i - 1] - p[i]) + DUp * (X[i - 1] - X[i]);
      }
      if (i < n - 1) {
        r0 += gDown * (T[i + 1] - T[i]) + L * GDown * (p[i + 1] - p[i]);
        if (crust) r1 += GDown * (p[i + 1] - p[i]) + DDown * (X[i + 1] - X[i]);
      }
      if (i === 0) {
        a += b.gTop + L * b.Gs * pTi;
        bb += L * b.Gs * pXi;
        const over = p[0] - this.pAmbient;
        r0 += b.gTop * (b.envTop - T[0]) - L * b.Gs * over;
        if (crust) {
          c += b.Gs * pTi;
          d += b.Gs * pXi;
          r1 -= b.Gs * over;
        }
      }
      if (stack.baseCount && i === this.lastBase && b.Gl > 0) {
        a += L * b.Gl * pTi;
        bb += L * b.Gl * pXi;
        c += b.Gl * pTi;
        d += b.Gl * pXi;
        const over = p[i] - this.pAmbient;
        r0 -= L * b.Gl * over;
        r1 -= b.Gl * over;
      }
      if (stack.baseCount && i === stack.iBase && stack.fillingCount > 0 && T[stack.iFilling] > -1 && s.base) {
        const uptake =
          (this.inside * s.filling.wet * liquidDiffusion * (s.base.density / (1 + s.base.X0))) / (0.5 * stack.dz0[i]);
        d += uptake;
        r1 += uptake * (1.3 * s.base.X0 - X[i]);
      }
      if (i >= stack.iFilling && i < stack.iBase) {
        const source = b.lateral * stack.dz0[i];
        a += source;
        r0 += source * (b.lateralC - T[i]);
      }
      if (i === this.lowest) {
        a += b.gLow;
        r0 += b.gLow * (b.envLow - T[i]);
      }
      // eliminate the coupling to the cell above
      if (i > 0) {
        const prevCrust =
          i - 1 < stack.topCount || (stack.baseCount > 0 && i - 1 >= stack.iBase && i - 1 < stack.iBase + baseCells);
        const l00 = -(gUp + L * GUp * pT[i - 1]);
        const l01 = -L * GUp * pX[i - 1];
        const l10 = crust ? -GUp * pT[i - 1] : 0;
        const l11 = crust ? -(GUp * pX[i - 1] + (prevCrust ? DUp : 0)) : 0;
        a -= l00 * u00 + l01 * u10;
        bb -= l00 * u01 + l01 * u11;
        c -= l10 * u00 + l11 * u10;
        d -= l10 * u01 + l11 * u11;
        r0 -= l00 * r0Prev + l01 * r1Prev;
        r1 -= l10 * r0Prev + l11 * r1Prev;
      }
      const det = 1 / (a * d - bb * c);
      r0Prev = (d * r0 - bb * r1) * det;
      r1Prev = (a * r1 - c * r0) * det;
      mr[2 * i] = r0Prev;
      mr[2 * i + 1] = r1Prev;
      if (i < n - 1) {
        const nextCrust =
          i + 1 < stack.topCount || (stack.baseCount > 0 && i + 1 >= stack.iBase && i + 1 < stack.iBase + baseCells);
        const w00 = -(gDown + L * GDown * pT[i + 1]);
        const w01 = -L * GDown * pX[i + 1];
        const w10 = crust ? -GDown * pT[i + 1] : 0;
        const w11 = crust ? -(GDown * pX[i + 1] + (nextCrust ? DDown : 0)) : 0;
        mx[4 * i] = u00 = (d * w00 - bb * w10) * det;
        mx[4 * i + 1] = u01 = (d * w01 - bb * w11) * det;
        mx[4 * i + 2] = u10 = (a * w10 - c * w00) * det;
        mx[4 * i + 3] = u11 = (a * w11 - c * w01) * det;
      }
    }
    dT[n - 1] = mr[2 * (n - 1)];
    dX[n - 1] = mr[2 * (n - 1) + 1];
    for (let i = n - 2; i >= 0; i--) {
      dT[i] = mr[2 * i] - mx[4 * i] * dT[i + 1] - mx[4 * i + 1] * dX[i + 1];
      dX[i] = mr[2 * i + 1] - mx[4 * i + 2] * dT[i + 1] - mx[4 * i + 3] * dX[i + 1];
    }
  }

  /** Adds the temperature changes, putting cells that started frozen back on their enthalpy curve. */
  private apply(): void {
    const { T, X } = stack;
    const f = this.s.filling;
    for (let i = 0; i < stack.n; i++) {
      const change = this.dT[i];
      const old = T[i];
      if (!this.frozen[i]) {
        T[i] = old + change;
        continue;
      }
      const isFilling = i >= stack.iFilling && i < stack.iBase;
      const crust = i < stack.topCount ? this.s.top : this.s.base;
      const dense = crust ? crust.density / (1 + crust.X0) : 0;
      const x = X[i];
      const [cu, cf, T1, T2, latent] = isFilling
        ? [
            f.density * (4180 * f.water + 1600 * (1 - f.water)),
            f.density * (2050 * f.water + 1600 * (1 - f.water)),
            -9,
            -1,
            0.92 * f.density * f.water * 3.34e5,
          ]
        : [dense * (1700 + 4180 * x), dense * (1600 + 2050 * x), -16, -4, dense * Math.max(0, x - 0.12) * 3.34e5];
      const cm = (cu + cf) / 2 + latent / (T2 - T1);
      const hOld = old >= T1 ? (old - T2) * cm : (T1 - T2) * cm + (old - T1) * cf;
      const H = hOld + this.Capp[i] * change;
      T[i] = H >= 0 ? T2 + H / cu : H >= (T1 - T2) * cm ? T2 + H / cm : T1 + (H - (T1 - T2) * cm) / cf;
    }
  }

  /** Caps the filling at its boiling point from the bottom up; returns the boil-off in kg/m²s. */
  private boil(dt: number): number {
    const { T } = stack;
    const f = this.s.filling;
    const heat = f.density * (4180 * f.water + 1600 * (1 - f.water)) * stack.dz0[stack.iFilling];
    let carry = 0;
    for (let i = stack.iBase - 1; i >= stack.iFilling; i--) {
      const t = T[i] + carry / heat;
      if (t > this.s.boilingC) {
        carry = (t - this.s.boilingC) * heat;
        T[i] = this.s.boilingC;
      } else {
        carry = 0;
        T[i] = t;
      }
    }
    return carry / (evaporation * dt);
  }
}
