<?php

declare(strict_types=1);

namespace App\Log\Complaint;

use App\BreakDown\Bones\BonePass;
use App\Fish\Fish;
use App\Fish\Inspection;
use App\Hold\Exposure\Clocks;
use App\Kitchen\Format\Words;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use App\Log\Ledger\LoggedFish;
use App\Receive\Delivery\DeliveryView;
use Sectum\Measure\Temperature;

/** What is on record of a fish a guest complains of: lot, hand, checks, temperatures. */
final readonly class FishRecord
{
    /** @return Answer */
    public static function of(Fish $fish): array
    {
        $line = $fish->line;

        return [
            'fish' => $fish->id,
            'number' => $fish->number,
            'name' => $fish->species->name,
            'lot' => $fish->lotCode(),
            'supplier' => $fish->supplier_name,
            'from' => $line === null ? '' : DeliveryView::from($line),
            'received' => Moment::at($fish->received_at)->format('D j M, H:i'),
            'cutter' => self::cutter($fish),
            'checks' => self::checks($fish),
        ];
    }

    private static function cutter(Fish $fish): ?string
    {
        $id = LoggedFish::rows()->where('fish_id', $fish->id)->value('cutter_id');

        return is_string($id) ? Person::query()->find($id)?->name : null;
    }

    /** @return list<string> sentences, in the order in which it happened */
    private static function checks(Fish $fish): array
    {
        return [...self::inspections($fish), ...self::bones($fish), ...self::outOfTheCold($fish)];
    }

    /** @return list<string> */
    private static function inspections(Fish $fish): array
    {
        $said = [];
        $found = Inspection::query()
            ->with('inspector')
            ->where('line_id', $fish->line_id)
            ->orderBy('inspected_at')
            ->get()
            ->filter(fn (Inspection $one): bool => in_array($fish->id, $one->fish, true));
        foreach ($found as $one) {
            $core = $one->celsius_tenths === null
                ? 'core not measured'
                : 'core '.Words::ofReader()->degrees(Temperature::ofCelsius($one->celsius_tenths / 10));
            $said[] = "Inspected by {$one->inspector->name}: ".lcfirst($one->verdict->spoken()).", {$core}.";
        }

        return $said === [] ? ['Not inspected.'] : $said;
    }

    /** @return list<string> */
    private static function bones(Fish $fish): array
    {
        $said = [];
        $people = Person::query()->pluck('name', 'id');
        foreach (BonePass::query()->where('fish_id', $fish->id)->orderBy('checked_at')->get() as $one) {
            $piece = $fish->pieces->firstWhere('id', $one->piece_id)->name ?? 'A piece';
            $by = $people[$one->checked_by] ?? null;
            $said[] = $one->waived === null
                ? "{$piece}: {$one->found} bones".($one->later ? ' found while portioning' : '').
                    ($one->second_pass ? ', second pass done' : ', one pass').
                    (is_string($by) ? ", {$by}." : '.')
                : "{$piece}: not counted, {$one->waived}.";
        }

        return $said === [] ? ['No bone check on record.'] : $said;
    }

    /** @return list<string> */
    private static function outOfTheCold(Fish $fish): array
    {
        $times = Clocks::times([$fish]);

        return $times->isEmpty()
            ? ['Never written down as out of the cold.']
            : ['Out of the cold '.$times->count().($times->count() === 1 ? ' time' : ' times').', as written down.'];
    }
}
