<?php

declare(strict_types=1);

namespace App\Route\Sort;

use App\Catalogue\HouseBin;
use App\Fish\Fish;
use App\Fish\Piece;
use App\Kitchen\Database\Row;
use App\Kitchen\Settings;
use Sectum\Fish\Bin;
use Sectum\Route\Scraping;

/** What scraping the parts of a fish would bring, from the starting share and the house's own scrapings. */
final class Scrapings
{
    /** Own scrapings looked back over, of each part. */
    private const MOST = 60;

    /** @var array<string, list<float>>|null percent of the part, by the part */
    private ?array $ours = null;

    public function __construct(private readonly Fish $fish, private readonly Settings $settings)
    {
    }

    /** @return Scraping|null null where a spoon finds nothing, or has been over it */
    public function of(Piece $piece): ?Scraping
    {
        $mass = $piece->reading()?->mass();
        if ($mass === null || ! Scraping::isScraped($piece->part) || $this->isScraped($piece)) {
            return null;
        }

        return Scraping::of(
            $piece->part,
            $mass,
            $this->ours()[$piece->part->value] ?? [],
            $this->settings->perKg(HouseBin::of(Bin::Mince)->value_per_kg_minor),
            $this->settings->labourPerHour,
        );
    }

    private function isScraped(Piece $piece): bool
    {
        return $this->fish->pieces->contains(
            fn (Piece $one): bool => $one->scraped_off === $piece->part && $one->reading() !== null,
        );
    }

    /** @return array<string, list<float>> */
    private function ours(): array
    {
        if ($this->ours !== null) {
            return $this->ours;
        }
        $this->ours = [];
        $last = Piece::query()
            ->select('pieces.fish_id')
            ->join('fish', 'fish.id', 'pieces.fish_id')
            ->join('species', 'species.id', 'fish.species_id')
            ->where('species.form', $this->fish->species->form->value)
            ->where('fish.id', '!=', $this->fish->id)
            ->whereNotNull('pieces.scraped_off')
            ->orderByDesc('pieces.id')
            ->limit(self::MOST);
        $weighed = [];
        $rows = Piece::rows()
            ->join('readings', 'readings.piece_id', 'pieces.id')
            ->leftJoin('reading_voids', 'reading_voids.reading_id', 'readings.id')
            ->whereNull('reading_voids.reading_id')
            ->whereIn('pieces.fish_id', $last)
            ->get(['pieces.fish_id', 'pieces.part', 'pieces.scraped_off', 'readings.mass_mg']);
        foreach (Row::all($rows) as $row) {
            $off = $row->text('scraped_off');
            $key = $off === '' ? $row->text('part') : "off {$off}";
            $weighed[$row->text('fish_id')][$key] = ($weighed[$row->text('fish_id')][$key] ?? 0) +
                (int) $row->number('mass_mg');
        }
        foreach ($weighed as $fish) {
            foreach ($fish as $key => $mass) {
                $part = str_starts_with($key, 'off ') ? substr($key, 4) : null;
                if ($part !== null && ($fish[$part] ?? 0) > 0) {
                    // The part was weighed once the spoon had been over it, or before: both are within its spread.
                    $this->ours[$part][] = (100 * $mass) / $fish[$part];
                }
            }
        }

        return $this->ours;
    }
}
