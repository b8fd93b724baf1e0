// A second model of quarantine clocks, for tests: a ledger that walks forward through what happened, minute by minute, with the little state that a keeper would
// have in mind. It shares no code with core/quarantine, which looks back over intervals instead.

/** What happened, in the order in which it happened. Minutes since a midnight; a day has 1440. */
export type Happened = { at: number } & (
  | { is: 'cleared stock'; lot: string; tank: string }
  | { is: 'arrives'; lot: string; tank: string }
  | { is: 'in quarantine again'; lot: string }
  | { is: 'moves'; lot: string; tank: string }
  | { is: 'replumbed'; tank: string; system: string }
  | { is: 'looked'; tank: string; missed?: string; ill?: string; stressed?: string }
  | { is: 'dies'; lot: string; ill: boolean }
  | { is: 'wets'; tool: string; tank: string }
  | { is: 'disinfects'; tool: string }
  | { is: 'pours'; from: string; to: string }
  | { is: 'treatment begins' | 'treatment ends'; system: string }
  | { is: 'signed off'; lot: string }
);
export type Rules = { days: number; afterTreatment: number; driesMin: number; settlesMin: number };
export type Calculated = { restarts: string[]; left: number };

const DAY = 1440;
type Lot = {
  tank: string;
  since: number;
  status: 'cleared stock' | 'in quarantine' | 'done';
  /** Signed off while these lived on its system, in a quarantine that is not over yet. */
  among: Set<string>;
  openedDay: number;
  restarts: { at: number; why: string }[];
  days: { seen: Set<string>; came: boolean; missed: boolean; treated: boolean; last: string }[];
};
type Wet = { tank: string; at: number; system: string; dirty: string[] };

export function walk(
  happened: readonly Happened[],
  { systemOf, rules, until }: { systemOf: Record<string, string>; rules: Rules; until: number },
): Map<string, Calculated> {
  const systemNow = { ...systemOf };
  const lots = new Map<string, Lot>();
  const wet = new Map<string, Wet[]>();
  const treatments = new Set<string>();
  let day = 0;
  const get = (lot: string) => lots.get(lot)!;
  const where = (lot: string) => systemNow[get(lot).tank]!;
  const on = (system: string) => [...lots.keys()].filter((lot) => where(lot) === system);
  const isClear = (lot: string): boolean => {
    const { status, among } = get(lot);
    return status === 'cleared stock' || (status === 'done' && among.size === 0);
  };
  const restart = (lot: string, at: number, why: string) => {
    const one = get(lot);
    if (one.status === 'in quarantine' && Math.floor(at / DAY) > one.openedDay) one.restarts.push({ at, why });
  };
  /** The page of the day: opened for each lot with the first thing of it. */
  const page = (lot: string) => {
    const one = get(lot);
    return (one.days[day] ??= { seen: new Set(), came: false, missed: false, treated: false, last: one.tank });
  };
  const markTreatments = () => {
    for (const lot of lots.keys()) if (treatments.has(where(lot))) page(lot).treated = true;
  };
  /** Fish that lived together before are no newcomers to each other. */
  const comeTo = (system: string, newcomers: readonly string[], at: number) => {
    const there = on(system).filter((lot) => !newcomers.includes(lot));
    const dirtyThere = there.filter((lot) => !isClear(lot));
    const dirtyComing = newcomers.filter((lot) => !isClear(lot));
    return () => {
      for (const lot of there) for (const _ of dirtyComing) restart(lot, at, 'newcomer');
      if (dirtyThere.length > 0) for (const lot of newcomers) restart(lot, at, 'came to fish in quarantine');
    };
  };
  const put = (lot: string, tank: string, at: number) => {
    Object.assign(get(lot), { tank, since: at });
    page(lot).came = true;
  };
  const turn = (to: number) => {
    while (day < to) {
      for (const lot of lots.keys()) {
        page(lot).last = get(lot).tank;
      }
      day += 1;
      markTreatments();
    }
  };
  for (const one of happened) {
    turn(Math.floor(one.at / DAY));
    const { at } = one;
    switch (one.is) {
      case 'cleared stock':
      case 'arrives': {
        const on_ = one.is === 'arrives';
        lots.set(one.lot, {
          tank: one.tank,
          since: at,
          status: on_ ? 'in quarantine' : 'cleared stock',
          among: new Set(),
          openedDay: on_ ? day : Infinity,
          restarts: [],
          days: [],
        });
        comeTo(systemNow[one.tank]!, [one.lot], at)();
        page(one.lot).came = true;
        markTreatments();
        break;
      }
      case 'in quarantine again':
        Object.assign(get(one.lot), { status: 'in quarantine', openedDay: day, restarts: [] });
        break;
      case 'moves': {
        const to = systemNow[one.tank]!;
        const meet = to === where(one.lot) ? () => undefined : comeTo(to, [one.lot], at);
        put(one.lot, one.tank, at);
        meet();
        markTreatments();
        break;
      }
      case 'replumbed': {
        const moved = [...lots.keys()].filter((lot) => get(lot).tank === one.tank);
        const meet = one.system === systemNow[one.tank] ? () => undefined : comeTo(one.system, moved, at);
        systemNow[one.tank] = one.system;
        meet();
        markTreatments();
        break;
      }
      case 'looked':
        for (const lot of lots.keys()) if (get(lot).tank === one.tank) page(lot).seen.add(one.tank);
        if (one.missed) page(one.missed).missed = true;
        if (one.ill) illness(one.ill, at);
        if (one.stressed && at - get(one.stressed).since > rules.settlesMin) restart(one.stressed, at, 'lasting stress');
        break;
      case 'dies':
        if (one.ill) illness(one.lot, at);
        else restart(one.lot, at, 'unexplained death');
        break;
      case 'wets': {
        const list = wet.get(one.tool) ?? [];
        const from = list.filter(({ tank, at: when }) => tank !== one.tank && at - when <= rules.driesMin);
        for (const source of from) carried(source, one.tank, at, 'shared tool');
        const now: Wet = {
          tank: one.tank,
          at,
          system: systemNow[one.tank]!,
          dirty: on(systemNow[one.tank]!).filter((lot) => !isClear(lot)),
        };
        wet.set(one.tool, [...list.filter(({ tank }) => tank !== one.tank), now]);
        break;
      }
      case 'disinfects':
        wet.delete(one.tool);
        break;
      case 'pours': {
        const system = systemNow[one.from]!;
        carried({ tank: one.from, at, system, dirty: on(system).filter((lot) => !isClear(lot)) }, one.to, at, 'shared system');
        break;
      }
      case 'treatment begins':
        treatments.add(one.system);
        markTreatments();
        break;
      case 'treatment ends':
        markTreatments();
        treatments.delete(one.system);
        for (const lot of on(one.system)) restart(lot, at, 'treatment ended');
        break;
      case 'signed off': {
        const others = on(where(one.lot)).filter((lot) => lot !== one.lot && get(lot).status === 'in quarantine');
        Object.assign(get(one.lot), { status: 'done', among: new Set(others) });
        for (const { among } of lots.values()) among.delete(one.lot);
        break;
      }
    }
  }
  turn(Math.floor(until / DAY));
  return new Map([...lots].filter(([, { status }]) => status === 'in quarantine').map(([lot, one]) => [lot, calculated(one)]));

  function illness(lot: string, at: number) {
    restart(lot, at, 'illness');
    for (const other of on(where(lot))) if (other !== lot) restart(other, at, 'illness in the system');
  }
  function carried(source: Wet, tank: string, at: number, why: string) {
    if (source.system === systemNow[tank]) return;
    for (const lot of on(systemNow[tank]!)) if (source.dirty.some((other) => other !== lot)) restart(lot, at, why);
  }
  function calculated({ restarts, openedDay, days }: Lot): Calculated {
    const dayOf = ({ at }: { at: number }) => Math.floor(at / DAY);
    const zeros = new Set([openedDay, ...restarts.map(dayOf)]);
    const isClean = (no: number) => {
      const one = days[no];
      return one && !zeros.has(no) && !one.missed && !one.treated && (one.seen.has(one.last) || (one.came && one.seen.size > 0));
    };
    const cleanSince = (from: number) => Array.from({ length: day - from - 1 }, (_, no) => from + 1 + no).filter(isClean).length;
    const last = restarts.at(-1);
    const lastOther = restarts.findLast(({ why }) => why !== 'treatment ended');
    const left = (from: number, asked: number) => Math.max(0, asked - cleanSince(from));
    return {
      restarts: restarts.map(({ at, why }) => `${at} ${why}`),
      left: Math.max(
        left(lastOther ? dayOf(lastOther) : openedDay, rules.days),
        last?.why === 'treatment ended' ? left(dayOf(last), rules.afterTreatment) : 0,
      ),
    };
  }
}
