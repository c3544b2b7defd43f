<?php

declare(strict_types=1);

namespace Sectum\Receive;

use Sectum\Measure\Mass;

/** The size a fish was sold as: two weights of one fish, in whole grams. */
final readonly class SizeGrade
{
    private function __construct(public int $fromGrams, public int $toGrams)
    {
    }

    /** @throws BadGrade when the first is not below the second */
    public static function of(int $fromGrams, int $toGrams): self
    {
        return $fromGrams >= 0 && $fromGrams < $toGrams
            ? new self($fromGrams, $toGrams)
            : throw new BadGrade(
                'Write the size as two weights in grams: 400-600.',
                "{$fromGrams}-{$toGrams}",
                '/grade',
            );
    }

    /**
     * "400-600", "400 to 600 g", "400/600"
     *
     * @throws BadGrade when it is not two weights
     */
    public static function parse(string $text): self
    {
        return preg_match('#^\s*(\d{1,6})\s*(?:-|–|/|to)\s*(\d{1,6})\s*g?\s*$#u', $text, $m) === 1
            ? self::of((int) $m[1], (int) $m[2])
            : throw new BadGrade('Write the size as two weights in grams: 400-600.', $text, '/grade');
    }

    /** Whether one fish of this mass is of another size; the ends belong to the grade. */
    public function isMissedBy(Mass $each): bool
    {
        return $each->milligrams < $this->fromGrams * 1000 || $each->milligrams > $this->toGrams * 1000;
    }

    /** "400 to 600 g" */
    public function print(): string
    {
        return "{$this->fromGrams} to {$this->toGrams} g";
    }
}
