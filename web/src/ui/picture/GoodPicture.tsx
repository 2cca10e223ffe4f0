import type { Good } from '@rotula/core';
import { memo } from 'react';
import { CheesePicture } from './CheesePicture';
import { MeatPicture } from './MeatPicture';
import { COMPANION_SIGNS, DRINK_SIGNS, wareSign } from './signs';

function inside(good: Good) {
  switch (good.kind) {
    case 'cheese':
      return <CheesePicture cheese={good} />;
    case 'meat':
      return <MeatPicture meat={good} />;
    case 'companion':
      return COMPANION_SIGNS[good.role](good.colours[0]!);
    case 'drink':
      return DRINK_SIGNS[good.type](good.colours[0]!);
    case 'ware':
      return wareSign(good.colours[0]!);
  }
}

/** A good drawn from its data; the name beside it says the same, so screen readers skip the picture. */
export const GoodPicture = memo(function GoodPicture({ good, size = 44 }: { good: Good; size?: number }) {
  return (
    <svg width={size} height={size} viewBox="0 0 48 48" aria-hidden className="shrink-0">
      {inside(good)}
    </svg>
  );
});
