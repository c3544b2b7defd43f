<?php

declare(strict_types=1);

namespace App\Fish;

use App\Contract\Fields;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use DateTimeImmutable;
use Exception;
use Psr\Clock\ClockInterface;
use Sectum\Measure\UnitSystem;

/**
 * Who weighed something, when, and in which units they read the scale; a weight may have waited in the page for a
 * while.
 */
final readonly class Taken
{
    /**
     * A tablet whose clock is further ahead is not believed, seconds; nor is a weight that waited longer than a week.
     */
    private const AHEAD_S = 60;

    private const WAITED_S = 7 * 86_400;

    private function __construct(public Person $person, public DateTimeImmutable $at, public UnitSystem $units)
    {
    }

    public static function by(Fields $fields, Person $person, ClockInterface $clock): self
    {
        $now = $clock->now();

        return new self(
            $person,
            self::believed($fields->maybeString('taken_at'), $now) ?? $now,
            UnitSystem::tryFrom($fields->maybeString('units') ?? '') ?? $person->units,
        );
    }

    public static function now(Person $person, ClockInterface $clock): self
    {
        return new self($person, $clock->now(), $person->units);
    }

    private static function believed(?string $said, DateTimeImmutable $now): ?DateTimeImmutable
    {
        if ($said === null || preg_match('/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d/', $said) !== 1) {
            return null;
        }
        try {
            $at = Moment::at($said);
        } catch (Exception) {
            return null;
        }
        $ago = $now->getTimestamp() - $at->getTimestamp();

        return $ago >= -self::AHEAD_S && $ago <= self::WAITED_S ? $at : null;
    }
}
