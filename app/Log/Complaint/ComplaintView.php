<?php

declare(strict_types=1);

namespace App\Log\Complaint;

use App\Contract\Fault;
use App\Fish\Fish;
use App\Hold\Kept\KeptTray;
use App\Hold\Places\Place;
use App\Hold\Places\PlaceRecord;
use App\Kitchen\Format\Words;
use App\Kitchen\Moment;
use App\Kitchen\Settings;
use App\Log\Trace\FoundPlaces;
use App\Portion\Dish\Dish;
use App\Portion\Tray\PortionTray;

/** A complaint with everything on record of what it is about: tray, fish, lot, hand, checks, temperatures, siblings. */
final readonly class ComplaintView
{
    private const SHOWN = 50;

    /** @return list<Answer> last first */
    public static function all(): array
    {
        return array_map(fn (Complaint $one): array => [
            'id' => $one->id,
            'number' => $one->number,
            'kind' => $one->kind->value,
            'said' => $one->said,
            'day' => Moment::at($one->day)->format('D j M'),
            'dish' => Dish::of($one->dish_id)?->name,
            'open' => ! $one->entries->contains(fn (ComplaintEntry $step): bool => $step->what->value === 'closed'),
        ], array_values(
            Complaint::query()->with('entries')->orderByDesc('number')->limit(self::SHOWN)->get()->all(),
        ));
    }

    public static function find(string $id): Complaint
    {
        return Complaint::query()->with(['entries.writer', 'writer'])->find($id) ??
            throw Fault::notThere('There is no such complaint.');
    }

    /** @return Answer */
    public static function of(string $id): array
    {
        $one = self::find($id);
        $suspects = Suspects::of($one);
        $lots = $suspects->lotsThere();

        return [
            'id' => $one->id,
            'number' => $one->number,
            'version' => $one->version,
            'kind' => $one->kind->value,
            'said' => $one->said,
            'table' => $one->table_no,
            'guests' => $one->guests,
            'day' => $one->day,
            'date' => Moment::at($one->day)->format('D j M Y'),
            'dish' => $one->dish_id,
            'dish_name' => Dish::of($one->dish_id ?? $suspects->trays->first()?->dish_id)?->name,
            'tray' => $one->tray_id,
            'about' => $one->fish_id,
            'written' => Moment::at($one->written_at)->format('D j M, H:i'),
            'by' => $one->writer->name,
            'trays' => array_map(fn (PortionTray $tray): array => [
                'id' => $tray->id,
                'number' => $tray->number,
                'dish' => $tray->dish->name,
                'made' => Moment::at($tray->made_at)->format('D j M, H:i'),
                'by' => $tray->maker->name,
                'use_by' => Moment::at($tray->use_by)->format('D j M'),
            ], array_values($suspects->trays->all())),
            'fish' => array_map(FishRecord::of(...), array_values($suspects->fish->all())),
            'places' => self::temperatures($one),
            'siblings' => self::siblings($lots),
            'elsewhere' => self::elsewhere($suspects),
            'steps' => array_map(fn (ComplaintEntry $step): array => [
                'what' => $step->what->value,
                'text' => $step->text,
                'by' => $step->writer->name,
                'at' => Moment::at($step->written_at)->format('D j M, H:i'),
            ], array_values($one->entries->all())),
        ];
    }

    /**
     * @param  list<string>  $lots
     * @return list<Answer> what lies there of the same fish
     */
    private static function siblings(array $lots): array
    {
        return array_map(fn (KeptTray $one): array => [
            'lot' => $one->id,
            'tray' => $one->tray?->number,
            'dish' => $one->dish->name,
            'left' => $one->left(),
            'until' => Moment::at($one->until)->format('D j M'),
            'held' => $one->held,
        ], array_values(KeptTray::counted()->with(['dish', 'tray'])->whereIn('id', $lots)->get()->all()));
    }

    /** @return list<string> where the rest of those fish is: bins, batches, the board */
    private static function elsewhere(Suspects $suspects): array
    {
        $places = new FoundPlaces(Dish::known(), Settings::load()->scaleStep);
        $said = [];
        foreach ($suspects->fish as $fish) {
            foreach ($places->of($fish) as [, $place]) {
                if ($place->family?->value !== 'portion' && $place->family !== null) {
                    $said["{$fish->title()}: {$place->name}"] = true;
                }
            }
        }

        return array_keys($said);
    }

    /** @return list<string> cold places that were out of range in the three days before */
    private static function temperatures(Complaint $one): array
    {
        $until = Moment::at($one->day)->modify('+1 day')->getTimestamp();
        $from = $until - 4 * 86_400;
        $said = [];
        foreach (PlaceRecord::each(Place::query()->get(), $from, $until) as $record) {
            foreach ($record->outOfRange() as $stretch) {
                $at = Moment::at('@'.(int) round($from + 60 * $stretch->from));
                $said[] =
                    "{$record->place->name}: out of range for ".
                    Words::span(($stretch->to ?? ($until - $from) / 60) - $stretch->from).
                    " from {$at->format('D j M, H:i')}.";
            }
        }

        return $said;
    }
}
