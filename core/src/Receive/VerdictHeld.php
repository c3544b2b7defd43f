<?php

declare(strict_types=1);

namespace Sectum\Receive;

/**
 * How often a verdict held: a lot held when none of it was thrown away for its smell, softness or date before its
 * predicted day. Shown, and nothing adjusts itself by it.
 */
final readonly class VerdictHeld
{
    private function __construct(public Verdict $verdict, public int $lots, public int $held)
    {
    }

    /**
     * @param  list<JudgedLot>  $lots
     * @return list<self> of each verdict that was given
     */
    public static function of(array $lots): array
    {
        $counted = [];
        foreach (Verdict::cases() as $verdict) {
            $some = array_filter($lots, fn (JudgedLot $lot): bool => $lot->verdict === $verdict);
            if ($some !== []) {
                $counted[] = new self(
                    $verdict,
                    count($some),
                    count(array_filter($some, fn (JudgedLot $lot): bool => ! $lot->failed)),
                );
            }
        }

        return $counted;
    }
}
