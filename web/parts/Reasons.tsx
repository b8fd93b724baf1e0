// What stands against a place, a sentence each; beside one that is a figure, how it comes about.
import { clsx } from 'clsx';
import type { CompatibilityReason } from '#core/placement/index.ts';
import { useVoice } from '../data/voice.ts';
import { Figured } from '../figured/Figured.tsx';
import { crowdingFigure, crowdOf } from '../figured/place.ts';
import { sayRefusal } from '../words/refusals.ts';

export function Reasons({ reasons, warn = false }: { reasons: readonly CompatibilityReason[]; warn?: boolean }) {
  const voice = useVoice();
  return (
    <ul className={clsx('reasons', warn && 'warn')}>
      {reasons.map((reason) => {
        const crowd = crowdOf(reason);
        return (
          <li key={reason.code + JSON.stringify(reason.facts)}>
            {sayRefusal(reason, voice)}
            {crowd && <Figured figure={crowdingFigure(crowd)} />}
          </li>
        );
      })}
    </ul>
  );
}
