const PLACE = 'sectum.last';

/** Who locked this tablet: their name is chosen when it is opened again. */
export function rememberLast(person: string | null) {
  if (person) {
    localStorage.setItem(PLACE, person);
  } else {
    localStorage.removeItem(PLACE);
  }
}

export function lastHere(): string | null {
  return localStorage.getItem(PLACE);
}
