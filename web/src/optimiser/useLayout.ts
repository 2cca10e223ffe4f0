import { hashOf, type LaidBoard } from '@rotula/core';
import { useMemo } from 'react';
import { useSearch, type Sought } from './useSearch';

/** One of the boards as it is laid; until a new one is found the old one stands. Boards that differ are laid side by side. */
export function useLayout(board: Pick<LaidBoard, 'key' | 'question'> | null): Sought<'lay'> {
  const question = board?.question ?? null;
  const key = useMemo(() => question && hashOf(JSON.stringify(question)), [question]);
  return useSearch('lay', key, {
    question: () => question!,
    lane: `lay ${board?.key}`,
    replaces: true,
    keeps: true,
  });
}
