<?php

declare(strict_types=1);

namespace App\Hold\Kept;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Kitchen\Database\Row;
use App\Kitchen\Moment;
use App\Kitchen\Once;
use App\Kitchen\Person;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;
use Sectum\Hold\Kept\DrawnPortions;
use Sectum\Hold\Kept\LeavesAs;
use Sectum\Hold\Kept\TakenPortions;

/**
 * The closing count: what really lies there. What is missing leaves with its reason; what is there beyond the ledger
 * was not served after all, and comes back.
 */
final readonly class CloseService
{
    /** Trays that are looked through for what was served too much. */
    private const TRAYS = 20;

    public function __construct(private KeepPortions $keep, private ClockInterface $clock)
    {
    }

    public function __invoke(string $id, Fields $fields, Person $person): void
    {
        DB::connection()->transaction(function () use ($id, $fields, $person): void {
            if (! Once::isNew($id, 'closing count', $fields)) {
                return;
            }
            $now = $this->clock->now();
            foreach ($fields->list('counts') as $i => $count) {
                $this->dish($id, $i, $count, $person);
            }
            ClosingCount::query()->create([
                'id' => $id,
                'day' => Moment::date($now),
                'service' => KeepPortions::service($now),
                'note' => trim($fields->maybeString('note') ?? ''),
                'counted_by' => $person->id,
                'counted_at' => Moment::written($now),
            ]);
        });
    }

    private function dish(string $id, int $i, Fields $count, Person $person): void
    {
        $dish = $count->string('dish');
        $ledger = KeepPortions::ledger($dish, held: true);
        $off = $count->int('there') - $ledger->left($dish);
        $reason = trim($count->maybeString('reason') ?? '');
        $off === 0 ||
            $reason !== '' ||
            throw Fault::inField(
                "/counts/{$i}/reason",
                'Say why: '.abs($off).($off < 0 ? ' fewer' : ' more').' than kept.',
            );
        if ($off < 0) {
            $drawn = Fault::within(
                "/counts/{$i}",
                fn (): TakenPortions => $ledger->take(
                    $dish,
                    -$off,
                    LeavesAs::Missing,
                    Moment::day($this->clock->now()),
                ),
            )->drawn;
            $this->keep->write($id, $drawn, LeavesAs::Missing, $reason, $person);
        } elseif ($off > 0) {
            $this->back($id, $dish, $off, $reason, $person, "/counts/{$i}/there");
        }
    }

    /** Those that were served last come back first. */
    private function back(string $id, string $dish, int $more, string $reason, Person $person, string $at): void
    {
        $served = KeptLeaving::query()
            ->whereHas('lot', fn ($lot) => $lot->where('dish_id', $dish))
            ->where('how', LeavesAs::Served->value)
            ->selectRaw('lot_id, sum(count) as gone, max(seq) as last')
            ->groupBy('lot_id')
            ->orderByDesc('last')
            ->limit(self::TRAYS)
            ->toBase()
            ->get();
        foreach (Row::all($served) as $one) {
            $some = min($more, (int) $one->number('gone'));
            if ($some > 0) {
                $lot = KeptTray::counted()->findOrFail($one->text('lot_id'));
                $this->keep->write(
                    $id,
                    [new DrawnPortions($lot->lot(), -$some)],
                    LeavesAs::Served,
                    $reason,
                    $person,
                );
                $more -= $some;
            }
        }
        $more === 0 ||
            throw Fault::inField($at, "{$more} more than were ever put on a tray. Put those on a tray first.");
    }
}
