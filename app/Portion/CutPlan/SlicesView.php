<?php

declare(strict_types=1);

namespace App\Portion\CutPlan;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Fish\Fish;
use App\Fish\Piece;
use App\Kitchen\Format\Words;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use Sectum\Measure\Length;
use Sectum\Measure\Mass;
use Sectum\Portion\Cuts\BadCut;
use Sectum\Portion\Cuts\Block;
use Sectum\Portion\Cuts\Slices;

/** What a loin gives in slices: its greatest block, how many slices of it, for how many covers. Nothing is kept. */
final readonly class SlicesView
{
    /** @return Answer */
    public static function of(Fish $fish, Piece $piece, Fields $fields, Person $person): array
    {
        $words = new Words($person->units, Settings::load()->scaleStep);
        $plan = FilletPlan::of($fish, $piece, Laying::of($fish, $piece), $person);
        $length = fn (string $name, string $unit): ?Length => $fields->maybeString($name) === null
            ? null
            : Fault::at("/{$name}", fn (): Length => Length::parse($fields->string($name), $person->units, $unit));
        $thickness = $length('thickness', 'mm') ?? throw Fault::inField('/thickness', 'Say how thick a slice is.');
        $block = Fault::within('', fn (): Block => Block::greatest(
            $plan->fillet,
            $length('width', 'cm')?->cm(),
            $length('from', 'cm')?->cm() ?? 0.0,
            $length('to', 'cm')?->cm(),
        ));
        $slices = self::sliced($block, $thickness, $fields);
        $covers = $fields->maybeInt('covers');

        return [
            'name' => $piece->name,
            'block' => [
                'from' => $words->along($block->fromCm),
                'length' => $words->along($block->lengthCm),
                'width' => $words->along($block->widthCm),
                'height' => $words->across(10 * $block->heightCm),
                'mass' => $words->text(Mass::ofGrams(round($block->grams()))),
            ],
            'slices' => $slices->slices,
            'each' => $words->text(Mass::ofGrams(round($slices->sliceGrams, 1))),
            'face_cm2' => round($slices->faceCm2, 1),
            'offcut' => $words->text(Mass::ofGrams(round($slices->offcutGrams))),
            'covers' => $slices->covers,
            'slant_share' => round(min(1.0, $slices->slantShare), 4),
            'short' => $covers === null ? null : max(0, $covers - $slices->covers),
        ];
    }

    private static function sliced(Block $block, Length $thickness, Fields $fields): Slices
    {
        try {
            return Slices::of(
                $block->lengthCm,
                $block->widthCm,
                $block->heightCm,
                $thickness->mm(),
                $fields->number('angle_deg', 90),
                $fields->int('per_cover', 1),
            );
        } catch (BadCut $bad) {
            throw Fault::inField(
                match ($bad->pointer()) {
                    '/thickness_mm' => '/thickness',
                    '/slices_per_cover' => '/per_cover',
                    default => $bad->pointer(),
                },
                $bad->getMessage(),
            );
        }
    }
}
