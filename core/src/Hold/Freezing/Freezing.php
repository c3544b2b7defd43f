<?php

declare(strict_types=1);

namespace Sectum\Hold\Freezing;

/** One freezing of a record: from when it counts, until the core thawed again. */
final readonly class Freezing
{
    /** Frozen solid. */
    public const SOLID_C = -20.0;

    /** Where fish begins to freeze, and is thawed again. */
    public const THAWED_C = -1.5;

    /**
     * @param  float  $to  when the core rose above freezing; INF while it did not
     * @param  float|null  $solid  when it was solid; null when it was not, or nobody knows
     * @param  float|null  $began  the earliest it can have begun to freeze; null when nobody knows
     */
    private function __construct(
        public float $from,
        public float $to,
        public ?float $solid,
        public ?float $began,
    ) {
    }

    /** @return list<self> of a record, in order; none while nobody knows when the fish went in */
    public static function all(FreezeRecord $record): array
    {
        if ($record->loaded === null) {
            return [];
        }
        if ($record->core->first() === null) {
            return [new self($record->loaded, INF, $record->word, $record->loaded)];
        }
        $all = [];
        for ($from = $record->loaded; ; $from = $rise->to) {
            $core = $record->core->firstBelow(self::SOLID_C, $from);
            $began = $record->coldestCore->comesDownTo(self::THAWED_C, $from);
            $rise = $core === null ? null : $record->core->risesAbove(self::THAWED_C, $core);
            $thawed = $rise?->from;
            $heard = $record->word !== null && $record->word > $from && $record->word < ($thawed ?? INF)
                ? $record->word
                : null;
            $all[] = new self($from, $thawed ?? INF, $core === null ? null : max($core, $heard ?? $core), $began);
            if ($rise === null) {
                return $all;
            }
        }
    }
}
