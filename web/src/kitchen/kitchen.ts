import { createContext, useContext } from 'react';
import type { Kitchen } from '../api/client';
import { t } from '../lang';

type Inside = Kitchen & { me: NonNullable<Kitchen['me']> };

export const KitchenContext = createContext<Inside | null>(null);

/** The kitchen and who is signed in; only used behind the door. */
export function useKitchen(): Inside {
  const kitchen = useContext(KitchenContext);
  if (!kitchen) {
    throw new Error(t('kitchen.nobody-is-signed-in'));
  }
  return kitchen;
}
