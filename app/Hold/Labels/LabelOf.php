<?php

declare(strict_types=1);

namespace App\Hold\Labels;

use App\Contract\Fault;
use App\Fish\Fish;
use App\Hold\Thaw\Pack;
use App\Hold\Things\HeldThings;
use App\Hold\Treatment\Treating;
use App\Kitchen\Format\Words;
use App\Kitchen\Moment;
use App\Route\Batches\FoodBatch;
use App\Route\Bins\BinDeposit;
use Sectum\Message;
use Sectum\Route\Bins\Keeping;

/** The label of a thing, as the thing is now. */
final readonly class LabelOf
{
    private const COLD = 'Keep at 0 to 5 °C.';

    /** @throws Fault when nothing here goes by that name */
    public static function of(LabelKind $kind, string $id): HouseLabel
    {
        return match ($kind) {
            LabelKind::Pack => self::pack($id),
            LabelKind::Treatment => self::treating($id),
            LabelKind::FoodBatch => self::batch($id),
            LabelKind::Tub => self::tub($id),
        } ?? throw Fault::notThere('This label is of another house, or of something that is not here.');
    }

    private static function pack(string $id): ?HouseLabel
    {
        $pack = Pack::query()->with(['piece', 'tray.dish', 'tray.pieces', 'packer'])->find($id);
        if ($pack === null) {
            return null;
        }
        $thing = $pack->thing();
        $things = new HeldThings([$thing]);

        return new HouseLabel(
            LabelKind::Pack,
            $pack->id,
            $things->name($thing),
            "Pack {$pack->number}",
            $things->lots($thing),
            "Packed by {$pack->packer->name}, ".Moment::at($pack->packed_at)->format('j M H:i'),
            ($pack->frozen ? 'Frozen, best before ' : 'Use by ').Moment::at($pack->use_by)->format('D j M Y'),
            self::contains($things->all()),
            $pack->frozen || $pack->how->isWithoutAir() ? Pack::keepFrozen($pack->how->isWithoutAir()) : self::COLD,
            '/hold/thaw',
        );
    }

    private static function treating(string $id): ?HouseLabel
    {
        $one = Treating::query()
            ->with(['beginner', 'things.piece', 'things.tray.dish', 'things.tray.pieces'])
            ->find($id);
        $thing = $one?->things->first()?->thing();
        if ($one === null || $thing === null) {
            return null;
        }
        $things = new HeldThings([$thing]);
        $made = $one->asMade();
        $ends = $things->ends($thing);

        return new HouseLabel(
            LabelKind::Treatment,
            $one->id,
            $things->name($thing),
            "{$made->name}, treatment {$one->number}",
            $things->lots($thing),
            "Begun by {$one->beginner->name}, ".Moment::at($one->begun_at)->format('j M H:i'),
            $ends === [] ? '' : 'Its fish ends '.min($ends)->format('D j M Y'),
            self::contains($things->all()),
            ($made->service === null
                ? 'It does not replace freezing.'
                : Words::ofReader()->say(new Message($made->service->label()))).' '.self::COLD,
            "/hold/treatings/{$one->id}",
        );
    }

    private static function batch(string $id): ?HouseLabel
    {
        $batch = FoodBatch::query()->with('maker')->find($id);

        return $batch === null
            ? null
            : new HouseLabel(
                LabelKind::FoodBatch,
                $batch->id,
                $batch->asMade()->name,
                "Batch {$batch->number}",
                ["B-{$batch->number}"],
                "Made by {$batch->maker->name}, ".Moment::at($batch->made_at)->format('j M H:i'),
                'Use by '.Moment::at($batch->use_by)->format('D j M Y'),
                'Allergens: see batch '.$batch->number.'.',
                self::COLD,
                "/route/batches/{$batch->id}",
            );
    }

    private static function tub(string $id): ?HouseLabel
    {
        $tub = BinDeposit::query()->with(['piece', 'species', 'person'])->find($id);

        return $tub === null
            ? null
            : new HouseLabel(
                LabelKind::Tub,
                $tub->id,
                "{$tub->piece->name}, {$tub->species->name}",
                $tub->bin->spoken(),
                [$tub->lot],
                "Put in by {$tub->person->name}, ".Moment::at($tub->put_at)->format('j M H:i'),
                ($tub->keeping === Keeping::Frozen ? 'Frozen, best before ' : 'Use by ').
                    Moment::at($tub->until)->format('D j M Y'),
                "Contains fish ({$tub->species->name})",
                $tub->keeping === Keeping::Frozen ? 'Keep frozen.' : self::COLD,
                "/route/bins/{$tub->bin->value}",
            );
    }

    /** @param  list<Fish>  $fish */
    private static function contains(array $fish): string
    {
        return 'Contains fish ('.
            implode(', ', array_unique(array_map(fn (Fish $one): string => $one->species->name, $fish))).
            ')';
    }
}
