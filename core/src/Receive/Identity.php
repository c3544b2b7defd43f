<?php

declare(strict_types=1);

namespace Sectum\Receive;

use Sectum\Message;

/**
 * Whether a fish is the one it was sold as, by the signs of its kind: two to four a kind, each of them seen on a fresh
 * fish with the naked eye. One that is missing holds the fish; it proves nothing.
 *
 * Source: the catalogue's signs, from common field marks.
 */
final readonly class Identity
{
    /** @param  list<string>  $missing  the signs that are not there */
    private function __construct(private string $name, public array $missing)
    {
    }

    /**
     * @param  string  $name  what it was sold as
     * @param  list<string>  $signs  of that kind
     * @param  list<int>  $missing  places among them, from 0
     *
     * @throws BadGrade when a sign is missing that the kind does not have
     */
    public static function of(string $name, array $signs, array $missing): self
    {
        $seen = [];
        foreach ($missing as $i => $place) {
            $seen[$place] =
                $signs[$place] ??
                throw new BadGrade(
                    new Message($signs === [] ? NotIt::NoSigns : NotIt::NoSuchSign, ['name' => $name]),
                    $place,
                    "/missing_signs/{$i}",
                );
        }
        ksort($seen);

        return new self($name, array_values($seen));
    }

    public function isDoubtful(): bool
    {
        return $this->missing !== [];
    }

    /**
     * What becomes of a fish judged so by its freshness: a doubtful one waits for the head chef, if it is not refused.
     */
    public function judged(Verdict $fresh): Verdict
    {
        return $this->isDoubtful() && $fresh !== Verdict::Refuse ? Verdict::Hold : $fresh;
    }

    /** "chin barbel; square tail": the signs that are missing, one after the other. */
    public function spoken(): string
    {
        return implode('; ', array_map(lcfirst(...), $this->missing));
    }

    /** What is written beside a fish that is held for it; null when nothing is missing. */
    public function doubt(): ?Message
    {
        return $this->missing === []
            ? null
            : new Message(NotIt::SignsMissing, [
                'name' => $this->name,
                'signs' => $this->spoken(),
            ]);
    }
}
