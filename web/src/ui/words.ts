/** A name within a sentence: "Side B" is "side B". */
export function lowerFirst(name: string): string {
  return name.charAt(0).toLowerCase() + name.slice(1);
}
