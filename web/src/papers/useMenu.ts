import { menuOf, type Menu } from '@rotula/core';
import { useMemo } from 'react';
import { useWorkbench } from '../frame/context';

/** What guests are told, for every paper that tells them. */
export function useMenu(): Menu {
  const { plan, document, counter } = useWorkbench();
  const { order } = document;
  return useMemo(() => menuOf(plan, order, counter), [plan, order, counter]);
}
