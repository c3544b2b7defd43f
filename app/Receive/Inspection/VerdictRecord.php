<?php

declare(strict_types=1);

namespace App\Receive\Inspection;

use App\Fish\Finding;
use App\Fish\Fish;
use App\Fish\Inspection;
use App\Fish\ThrownAway;
use App\Kitchen\Database\Row;
use App\Kitchen\Moment;
use Psr\Clock\ClockInterface;
use Sectum\Receive\FindKind;
use Sectum\Receive\JudgedLot;
use Sectum\Receive\VerdictHeld;

/** How often what was said of a lot's freshness held, over the last lots whose day has come. */
final readonly class VerdictRecord
{
    /** Lots looked back over. */
    private const MOST = 200;

    public function __construct(private ClockInterface $clock, private ThrownAway $thrown)
    {
    }

    /** @return list<VerdictHeld> */
    public function all(): array
    {
        $now = Moment::written($this->clock->now());
        $last = Inspection::query()
            ->orderByDesc('inspected_at')
            ->orderByDesc('id')
            ->limit(self::MOST)
            ->get(['id', 'line_id', 'fish', 'verdict', 'inspected_at']);
        $ids = array_values(array_unique(array_merge(...array_map(
            fn (Inspection $one): array => $one->fish,
            array_values($last->all()),
        ))));
        $ends = [];
        foreach (Row::all(Fish::rows()->whereIn('id', $ids)->get(['id', 'keeps_until'])) as $row) {
            $ends[$row->text('id')] = $row->text('keeps_until');
        }
        $failed = $this->failed($ids, $ends);
        $lots = [];
        $seen = [];
        foreach ($last as $one) {
            if (isset($seen[$one->line_id])) {
                continue;
            }
            $seen[$one->line_id] = true;
            $spoilt = array_intersect($one->fish, $failed) !== [];
            $due = array_filter($one->fish, fn (string $fish): bool => ($ends[$fish] ?? $now) > $now) === [];
            if ($due || $spoilt) {
                $lots[] = new JudgedLot($one->verdict, $spoilt);
            }
        }

        return VerdictHeld::of($lots);
    }

    /**
     * @param  list<string>  $ids
     * @param  array<string, string>  $ends  when each was predicted to end
     * @return list<string> fish something of which was thrown away as spoilt, or found soft, before its day
     */
    private function failed(array $ids, array $ends): array
    {
        $spoilt = [
            ...$this->thrown->spoilt($ids),
            ...array_map(
                fn (Row $row): array => [$row->text('fish_id'), $row->text('found_at')],
                Row::all(
                    Finding::rows()
                        ->whereIn('fish_id', $ids)
                        ->where('kind', FindKind::Soft->value)
                        ->get(['fish_id', 'found_at']),
                ),
            ),
        ];
        $failed = [];
        foreach ($spoilt as [$fish, $at]) {
            if ($at < ($ends[$fish] ?? '')) {
                $failed[] = $fish;
            }
        }

        return array_values(array_unique($failed));
    }
}
