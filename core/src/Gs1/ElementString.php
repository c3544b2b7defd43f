<?php

declare(strict_types=1);

namespace Sectum\Gs1;

/**
 * Elements as one symbol carries them: those of a fixed length first, a separator after each of the others but the
 * last.
 */
final readonly class ElementString
{
    /**
     * @param  string  $data  as it is encoded, without the leading function character
     * @param  string  $read  as people read it, each identifier in parentheses
     */
    private function __construct(public string $data, public string $read)
    {
    }

    /**
     * @param  non-empty-list<Pair>  $pairs
     * @param  int  $thisYear  the year it is written in
     *
     * @throws BadScan which names the element that cannot be written
     */
    public static function of(array $pairs, int $thisYear): self
    {
        $elements = array_map(
            fn (Pair $pair): Element => Element::of(Identifier::of($pair->ai), $pair->value, $thisYear),
            $pairs,
        );
        usort(
            $elements,
            fn (Element $a, Element $b): int => ($a->identifier->fixedLength() === null) <=>
                ($b->identifier->fixedLength() === null),
        );
        $data = '';
        $read = '';
        foreach ($elements as $i => $element) {
            $data .= $element->identifier->ai.$element->value;
            $read .= "({$element->identifier->ai}){$element->value}";
            if ($element->identifier->fixedLength() === null && $i < count($elements) - 1) {
                $data .= Scan::SEPARATOR;
            }
        }

        return new self($data, $read);
    }
}
