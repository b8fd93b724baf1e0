// A caution at the step where it can save fish or people: short, with why.
import { TriangleAlert } from 'lucide-react';
import type { ReactNode } from 'react';

export function Caution({ strong = false, children }: { strong?: boolean; children: ReactNode }) {
  return (
    <div className={`caution${strong ? ' strong' : ''}`} role="note">
      <TriangleAlert size={20} aria-hidden />
      <div>{children}</div>
    </div>
  );
}
