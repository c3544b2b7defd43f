<?php

declare(strict_types=1);

namespace App\Receive\Delivery;

use App\Catalogue\Methods;
use App\Fish\Delivery;
use App\Fish\DeliveryLine;
use App\Fish\Finding;
use App\Fish\Fish;
use App\Fish\Inspection;
use App\Fish\OrderedFish;
use App\Fish\Photo;
use App\Kitchen\Format\Words;
use App\Kitchen\Language\Said;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use App\Receive\Sourcing\Sourcing;
use Brick\Math\BigDecimal;
use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Sectum\Fish\Hazard;
use Sectum\Measure\Currency;
use Sectum\Measure\Mass;
use Sectum\Measure\Money;
use Sectum\Measure\Temperature;
use Sectum\Receive\Claim;
use Sectum\Receive\ClaimItem;
use Sectum\Receive\FindKind;
use Sectum\Receive\FoundInside;
use Sectum\Receive\Invoiced;
use Sectum\Receive\LineGap;
use Sectum\Receive\NotAsSold;
use Sectum\Receive\SoldDone;

/** A delivery at the door: its lines beside what was found in the boxes, and the claim that follows. */
final readonly class DeliveryView
{
    /** @return Answer */
    public static function of(Delivery $delivery, Person $person): array
    {
        $settings = Settings::load();
        $words = new Words($person->units, $settings->scaleStep);
        $claim = self::claim($delivery, $person->seesPrices(), $settings->currency);

        return [
            'delivery' => self::head($delivery, $words),
            'lines' => array_map(
                fn (DeliveryLine $line): array => self::line(
                    $line,
                    $words,
                    $person->seesPrices() ? $settings->currency : null,
                    $delivery->supplier_id,
                ),
                array_values($delivery->lines->all()),
            ),
            'claim' => $claim->isEmpty()
                ? null
                : [
                    'items' => self::items($claim),
                    'total' => $claim->total->minor > 0 ? $claim->total->print() : null,
                    'text' => self::letter($delivery, $claim),
                ],
        ];
    }

    /**
     * What a delivery is called and holds, wherever it is listed.
     *
     * @return Answer
     */
    public static function head(Delivery $delivery, Words $words): array
    {
        $lines = $delivery->lines->map(fn (DeliveryLine $line): Invoiced => $line->invoiced(false));

        return [
            'id' => $delivery->id,
            'version' => $delivery->version,
            'supplier' => $delivery->supplier->name,
            'number' => $delivery->number,
            'delivered_on' => $delivery->delivered_on,
            'day' => self::day($delivery->delivered_on),
            'open' => $delivery->open,
            'received_by' => $delivery->receiver->name,
            'lines' => $delivery->lines->count(),
            'fish' => $lines->sum(fn (Invoiced $line): int => $line->receivedCount()),
            'mass' => $words->mass(
                $lines->reduce(fn (Mass $sum, Invoiced $line): Mass => $sum->plus($line->received()), Mass::zero()),
            ),
            'held' => $delivery->lines
                ->flatMap(fn (DeliveryLine $line): array => array_values($line->fish->all()))
                ->filter(fn (Fish $one): bool => $one->held !== null)
                ->count(),
        ];
    }

    public static function claim(Delivery $delivery, bool $priced, Currency $currency): Claim
    {
        $ordered = app(OrderedFish::class)->prices($delivery->id);
        $invoiced = fn (DeliveryLine $line): Invoiced => $line->invoiced($priced, $ordered[$line->species_id] ?? null);

        return Claim::of(
            array_values($delivery->lines->map($invoiced)->all()),
            $currency,
            self::inside($delivery, $priced),
            self::notAsSold($delivery, $priced),
        );
    }

    /** @return list<Answer> what is claimed, one by one */
    public static function items(Claim $claim): array
    {
        return array_map(
            fn (ClaimItem $item): array => [
                'kind' => $item->kind,
                'line' => $item->line,
                'sentence' => $item->sentence,
                'money' => $item->claimed?->print(),
            ],
            $claim->items,
        );
    }

    /** The claim as it goes to the supplier. */
    public static function letter(Delivery $delivery, Claim $claim): string
    {
        return $claim->text(
            Settings::load()->kitchen,
            $delivery->supplier->name,
            $delivery->number,
            self::day($delivery->delivered_on),
        );
    }

    /** @return list<NotAsSold> */
    private static function notAsSold(Delivery $delivery, bool $priced): array
    {
        $all = [];
        foreach ($delivery->lines as $line) {
            foreach ($line->fish as $fish) {
                $not = array_map(SoldDone::from(...), $fish->not_done);
                if ($not !== [] && $fish->refused === null) {
                    $all[] = self::oneNotAsSold($fish, $line, $not, $priced);
                }
            }
        }

        return $all;
    }

    /** @param  non-empty-list<SoldDone>  $not */
    private static function oneNotAsSold(Fish $fish, DeliveryLine $line, array $not, bool $priced): NotAsSold
    {
        $parts = array_merge(...array_map(fn (SoldDone $done): array => $done->leaves(), $not));
        $off = [];
        foreach ($fish->weighed() as [$piece, $reading]) {
            if (in_array($piece->part, $parts, true)) {
                $off[] = $reading->mass();
            }
        }

        return new NotAsSold(
            $fish->title(),
            $not,
            $off === [] ? null : Mass::sum($off),
            array_sum(
                array_map(
                    fn (SoldDone $done): int => Methods::secondsOf(
                        $line->species->form,
                        $done->action(),
                        $line->found($fish)->each(),
                    ) * $fish->count,
                    $not,
                ),
            ),
            $priced && $fish->price_per_kg_minor !== null ? BigRational::of($fish->price_per_kg_minor) : null,
            $priced ? Settings::load()->labourPerHour : null,
            [$fish->id => $fish->mass()],
        );
    }

    /** @return list<FoundInside> what was found when its fish were cut, and the supplier is to hear of */
    private static function inside(Delivery $delivery, bool $priced): array
    {
        $fish = $delivery->lines
            ->flatMap(fn (DeliveryLine $line): array => array_values($line->fish->all()))
            ->keyBy('id');
        $finds = Finding::rows()
            ->whereIn('fish_id', $fish->keys()->all())
            ->where('claimed', true)
            ->orderBy('found_at')
            ->orderBy('id')
            ->get(['fish_id', 'kind', 'mass_mg', 'note']);
        $inside = [];
        foreach ($finds as $find) {
            $one = $fish->get(is_string($find->fish_id) ? $find->fish_id : '');
            $kind = FindKind::tryFrom(is_string($find->kind) ? $find->kind : '');
            if ($one !== null && $kind !== null) {
                $inside[] = new FoundInside(
                    $one->title(),
                    $kind->spoken(),
                    is_numeric($find->mass_mg) ? Mass::ofMilligrams((int) $find->mass_mg) : null,
                    is_string($find->note) ? $find->note : '',
                    $priced && $one->price_per_kg_minor !== null ? BigRational::of($one->price_per_kg_minor) : null,
                    [$one->id => $one->mass()],
                );
            }
        }

        return $inside;
    }

    public static function day(string $iso): string
    {
        return Moment::at($iso)->format('D j M Y');
    }

    /** @return Answer */
    private static function line(DeliveryLine $line, Words $words, ?Currency $prices, string $supplier): array
    {
        $invoiced = $line->invoiced($prices !== null);

        return [
            'id' => $line->id,
            'species' => [
                'id' => $line->species_id,
                'name' => $line->species->name,
                'form' => $line->species->form->value,
            ],
            'cautions' => array_map(fn (Hazard $hazard): string => $hazard->caution(), $line->species->hazardList()),
            'size' => self::size($line),
            'not_bought' => Sourcing::against(
                $line->species_id,
                $line->area,
                $line->gear,
                $supplier,
            ),
            'fat_grade' => $line->fat_grade?->value,
            'raw_service' => ['open' => $line->rawService()->open, 'why' => $line->rawService()->why],
            'state' => $line->state->value,
            'invoiced' => $invoiced->mass === null ? null : $words->text($invoiced->mass),
            'count' => $line->count,
            'received' => $words->mass($invoiced->received()),
            'received_count' => $invoiced->receivedCount(),
            'gap' => self::gap($invoiced, $words),
            'price' => $invoiced->price === null || $prices === null
                    ? null
                    : Money::round($invoiced->price, $prices)->print()." {$line->price_unit->spoken()}",
            'lot' => $line->lot,
            'from' => self::from($line),
            'fish' => array_map(
                fn (Fish $fish): array => self::fish($fish, $line, $words),
                array_values($line->fish->all()),
            ),
            'inspections' => array_map(self::inspection(...), array_values($line->inspections->all())),
            'photos' => array_map(fn (Photo $photo): array => $photo->view(), array_values($line->photos->all())),
            'written' => self::written($line, $words, $prices),
        ];
    }

    /** "1000-2000 g, small". */
    private static function size(DeliveryLine $line): ?string
    {
        $name = $line->species->sizeName((int) $line->grade_from_g, (int) $line->grade_to_g);

        return $line->grade() === null
            ? null
            : $line->grade()->print().($name === null ? '' : ", {$name}");
    }

    /** Where it comes from, in one line: "27.7.a, longline, landed Mon 23 Nov 2026". */
    public static function from(DeliveryLine $line): string
    {
        return implode(
            ', ',
            array_filter(
                [
                    $line->production === null ? null : Said::called($line->production),
                    $line->area,
                    $line->gear,
                    $line->vessel,
                    $line->harvested_on === null ? null : Said::called('harvested '.self::day($line->harvested_on)),
                    $line->landed_on === null ? null : Said::called('landed '.self::day($line->landed_on)),
                ],
                fn (?string $said): bool => $said !== null && $said !== '',
            ),
        );
    }

    /** @return Answer */
    private static function fish(Fish $fish, DeliveryLine $line, Words $words): array
    {
        return [
            'id' => $fish->id,
            'number' => $fish->number,
            'version' => $fish->version,
            'count' => $fish->count,
            'tag' => $fish->tag,
            'mass' => $words->mass($fish->mass()),
            'ice' => $fish->ice_mg > 0 ? $words->text(Mass::ofMilligrams($fish->ice_mg)) : null,
            'stage' => $fish->stage->value,
            'verdict' => $fish->verdict?->value,
            'said' => $fish->refused ?? $fish->held,
            'wrong_grade' => $line->found($fish)->wrongGrade,
            'rests_until' => $fish->rests_until === null ? null : Moment::at($fish->rests_until)->format('D j M, H:i'),
            'reading' => $fish->whole()->reading()?->id,
            'by' => $fish->whole()->reading()?->by(),
            'at' => Moment::hour($fish->whole()->reading()->taken_at ?? ''),
        ];
    }

    /** @return Answer */
    private static function inspection(Inspection $inspection): array
    {
        return [
            'id' => $inspection->id,
            'fish' => $inspection->fish,
            'by' => $inspection->inspector->name,
            'at' => Moment::at($inspection->inspected_at)->format('j M, H:i'),
            'verdict' => $inspection->verdict->value,
            'spoken' => $inspection->verdict->spoken(),
            'points' => "{$inspection->demerits} of {$inspection->of_most}",
            'core' => $inspection->celsius_tenths === null
                    ? null
                    : Temperature::ofCelsius($inspection->celsius_tenths / 10)->print(),
            'measured' => $inspection->measured,
            'reasons' => $inspection->reasons,
            'note' => $inspection->note,
        ];
    }

    /** @return Answer as the line's form shows it again */
    private static function written(DeliveryLine $line, Words $words, ?Currency $prices): array
    {
        $written = [
            'species' => $line->species_id,
            'state' => $line->state->value,
            'count' => $line->count,
            'boxes' => $line->boxes,
            'invoiced' => $line->invoiced_mg === null
                    ? null
                    : Mass::ofMilligrams($line->invoiced_mg)->brief($words->units->box()),
            'price_unit' => $line->price_unit->value,
            'grade' => $line->grade_from_g === null ? null : "{$line->grade_from_g}-{$line->grade_to_g}",
        ];
        foreach (DeliveryLine::TRACE as $trace) {
            $written[$trace] = $line->getAttribute($trace);
        }

        return $prices === null || $line->price_minor === null
            ? $written
            : [
                ...$written,
                'price' => (string) BigDecimal::of($line->price_minor)->dividedBy(
                    10 ** $prices->decimals,
                    $prices->decimals,
                    RoundingMode::HALF_UP,
                ),
            ];
    }

    /**
     * @return array{kind: string, short: bool, say: string}|null how a line that was weighed differs from its invoice
     */
    private static function gap(Invoiced $invoiced, Words $words): ?array
    {
        $gap = $invoiced->found === [] ? null : $invoiced->gap();

        return $gap === null || ! $gap->code instanceof LineGap
            ? null
            : ['kind' => $gap->code->value, 'short' => $gap->code->isShort(), 'say' => $words->say($gap)];
    }
}
