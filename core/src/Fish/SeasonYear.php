<?php

declare(strict_types=1);

namespace Sectum\Fish;

/** The year of a fish: how it is in a month, and what comes next. */
final readonly class SeasonYear
{
    /** Months looked ahead for a time in which it is short. */
    private const AHEAD = 3;

    /** @param  list<SeasonMonths>  $rows */
    public function __construct(private array $rows)
    {
    }

    /** How it is in a month; what is said of its catch area counts before what is said of everywhere. */
    public function in(int $month, string $area = ''): ?SeasonMonths
    {
        $found = null;
        foreach ($this->rows as $row) {
            $own = $row->area !== '' && str_contains($area, $row->area);
            if ($row->holds($month) && ($own || $row->area === '') && ($found === null || $own)) {
                $found = $row;
            }
        }

        return $found;
    }

    /** The next time it is short, when that begins within three months; null when it is short now, or not soon. */
    public function shortAhead(int $month, string $area = ''): ?SeasonMonths
    {
        if ($this->in($month, $area)?->supply === SeasonSupply::Short) {
            return null;
        }
        for ($i = 1; $i <= self::AHEAD; $i++) {
            $next = $this->in((($month - 1 + $i) % 12) + 1, $area);
            if ($next?->supply === SeasonSupply::Short) {
                return $next;
            }
        }

        return null;
    }
}
