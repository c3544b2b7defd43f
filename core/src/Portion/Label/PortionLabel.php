<?php

declare(strict_types=1);

namespace Sectum\Portion\Label;

use DateTimeImmutable;
use Sectum\Gs1\DigitalLink;
use Sectum\Gs1\ElementString;
use Sectum\Gs1\Pair;
use Sectum\Measure\Mass;
use Sectum\Portion\BadFillet;

/**
 * What the label of a portion or of a tray of them carries, in the symbols every scanner reads.
 *
 * A tray says what it contains and how many (02, 37); a portion says what it is (01). Both say lot, weight and date:
 * "use by" (17) for chilled raw fish, "best before" (15) for frozen.
 */
final readonly class PortionLabel
{
    private const LONGEST_LOT = 20;

    private function __construct(public ElementString $elements, public string $link)
    {
    }

    /**
     * @param  string  $gtin  of the house's dish
     * @param  Mass  $net  above zero, below 1000 kg; written to the gram
     * @param  int|null  $count  portions on the tray; null for the label of one portion
     * @param  int  $thisYear  the year it is written in
     *
     * @throws BadFillet when there is nothing to label
     */
    public static function of(
        string $gtin,
        string $lot,
        Mass $net,
        ?int $count,
        DateTimeImmutable $day,
        bool $frozen,
        int $thisYear,
    ): self {
        $grams = intdiv($net->milligrams + 500, 1000);
        ($grams > 0 && $grams < 1_000_000) ||
            throw new BadFillet('A label carries a weight of 1 g up to 1000 kg.', $grams, '/net');
        $count === null ||
            $count > 0 ||
            throw new BadFillet('A tray of no portions needs no label.', $count, '/count');
        $lot = self::lot($lot);
        $date = [$frozen ? '15' : '17' => $day->format('ymd')];
        $weight = ['3103' => sprintf('%06d', $grams)];
        $pairs = [new Pair($count === null ? '01' : '02', $gtin)];
        foreach (
            $date + $weight + ($count === null ? [] : ['37' => (string) $count]) + ['10' => $lot] as $ai => $value
        ) {
            $pairs[] = new Pair((string) $ai, $value);
        }

        return new self(ElementString::of($pairs, $thisYear), DigitalLink::ofLot($gtin, $lot, $date + $weight));
    }

    /** A lot as a label may carry it: up to 20 characters of its alphabet. */
    private static function lot(string $lot): string
    {
        $plain = substr((string) preg_replace('#[^A-Za-z0-9\-./]#', '', $lot), 0, self::LONGEST_LOT);

        return $plain === '' ? throw new BadFillet('A label needs a lot.', $lot, '/lot') : $plain;
    }
}
