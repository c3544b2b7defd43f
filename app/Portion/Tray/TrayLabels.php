<?php

declare(strict_types=1);

namespace App\Portion\Tray;

use App\Fish\Fish;
use App\Fish\KeptPortions;
use App\Fish\Piece;
use App\Kitchen\Format\Words;
use App\Kitchen\Moment;
use App\Kitchen\Settings;
use Sectum\Fish\Allergen;
use Sectum\Measure\Mass;
use Sectum\Message;
use Sectum\Portion\Label\HouseItem;
use Sectum\Portion\Label\PortionLabel;

/** The labels of a tray of portions: one for the tray, one for each portion. */
final readonly class TrayLabels
{
    /** @param  list<Fish>  $fish  the portions were cut from */
    public function __construct(private PortionTray $batch, private array $fish)
    {
    }

    /**
     * @return list<string> lots of the fish, as the suppliers gave them; the house's own number where they gave none
     */
    public function lots(): array
    {
        return array_values(array_unique(array_map(fn (Fish $one): string => $one->lotCode(), $this->fish)));
    }

    public function tray(): Label
    {
        $portions = $this->batch->portions();
        $lots = $this->lots();
        $net = Mass::sum(array_map(fn (TrayPortion $one): Mass => $one->net, $portions));

        // Fish of several lots on one tray: the tray's own number leads to all of them.
        return $this->label(count($lots) === 1 ? $lots[0] : "T-{$this->batch->number}", $net, count($portions), '');
    }

    /** @return non-empty-list<Label> */
    public function each(): array
    {
        $labels = [];
        foreach ($this->batch->portions() as $portion) {
            $on = $portion->pieces;
            $of = array_map(fn (Piece $piece): string => $piece->fish_id, $on);
            $lots = array_values(
                array_unique(
                    array_map(
                        fn (Fish $one): string => $one->lotCode(),
                        array_filter($this->fish, fn (Fish $fish): bool => in_array($fish->id, $of, true)),
                    ),
                ),
            );
            $labels[] = $this->label(
                count($lots) === 1 ? $lots[0] : "T-{$this->batch->number}",
                $portion->net,
                null,
                implode(', ', array_map(fn (Piece $piece): string => $piece->name, $on)),
            );
        }

        return $labels === [] ? [$this->tray()] : $labels;
    }

    private function label(string $lot, Mass $net, ?int $count, string $piece): Label
    {
        $kept = app(KeptPortions::class)->dateOf($this->batch->id);
        $day = $kept->day ?? Moment::at($this->batch->use_by);

        return new Label(
            Settings::load()->onPaper(),
            $this->batch->dish->name,
            "Tray {$this->batch->number}".($piece === '' ? '' : ", {$piece}"),
            $net,
            $count,
            implode(', ', $count === null ? [$lot] : $this->lots()),
            $day,
            $kept->frozen ?? false,
            "Made by {$this->batch->maker->name}, ".Moment::at($this->batch->made_at)->format('j M H:i'),
            trim($this->contains().' '.($kept->says ?? '')),
            implode(' ', TrayView::bones($this->fish)),
            PortionLabel::of(
                HouseItem::gtin($this->batch->dish->number),
                $lot,
                $net,
                $count,
                $day,
                $kept->frozen ?? false,
                (int) Moment::day($this->batch->made_at)->format('Y'),
            ),
        );
    }

    /** Fish by species, what else stands on the plate, and how it is served. */
    private function contains(): string
    {
        $fish = implode(', ', array_unique(array_map(fn (Fish $fish): string => $fish->species->name, $this->fish)));
        $more = array_map(
            fn (Allergen $one): string => $one->spoken(),
            array_values(
                array_filter(
                    Allergen::listed($this->batch->dish->allergens(), Settings::load()->onlyTheNine),
                    fn (Allergen $one): bool => $one !== Allergen::Fish,
                ),
            ),
        );

        return "Contains fish ({$fish})".($more === [] ? '' : ', '.implode(', ', $more)).'. '.
            Words::ofReader()->say(new Message($this->batch->dish->service->label()));
    }
}
