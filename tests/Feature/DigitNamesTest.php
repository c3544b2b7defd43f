<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Portion\Dish\Dish;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route as Routes;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\Receive\AtTheDoor;

/** What people call "1" is a name like any other: PHP turns such a key of an array into a number. */
final class DigitNamesTest extends AtTheDoor
{
    public function test_a_tray_called_1_explains_a_reading(): void
    {
        $this->api('PUT', '/breakdown/trays/1', ['mass' => '412 g'])->assertOk();
        $fish = $this->received();
        foreach (['head' => '650 g', 'frame' => '935 g', 'side-a' => '1515 g', 'side-b' => '1500 g'] as $part => $g) {
            $this->weigh($fish, $part, $g)->assertOk();
        }
        $bench = $this->api('GET', "/breakdown/fish/{$fish}")->assertOk();
        self::assertSame('1', $bench->json('remarks.0.tray'));
        foreach (['/log', '/cost', '/portion', '/route', '/breakdown'] as $path) {
            $this->api('GET', $path)->assertOk();
        }
    }

    public function test_no_address_breaks_where_everything_has_a_name_of_digits(): void
    {
        $fish = $this->routed();
        $this->api('PUT', '/breakdown/trays/1', ['mass' => '412 g'])->assertOk();
        $gaps = [
            ...$this->gaps($fish),
            'dish' => Dish::query()->firstOrFail()->id,
            'person' => $this->cutter->id,
            'supplier' => DB::table('suppliers')->value('id'),
            'tray' => '1',
            'name' => 'reconcile',
            'format' => 'json',
        ];
        foreach (['people', 'suppliers', 'dishes', 'methods', 'treatments', 'recipes', 'places', 'species'] as $table) {
            foreach (DB::table($table)->pluck('rowid')->all() as $row) {
                DB::table($table)->where('rowid', $row)->update(['name' => is_numeric($row) ? (string) $row : '0']);
            }
        }
        $asked = 0;
        foreach (Routes::getRoutes()->getRoutes() as $route) {
            if (str_starts_with($route->uri(), 'api/') && in_array('GET', $route->methods(), true)) {
                $path = self::filledIn($route, $gaps);
                $answer = $this->json('GET', "/api{$path}");
                $said = ($answer->exception ?? null)?->getMessage();
                self::assertNotSame(500, $answer->getStatusCode(), "{$path}: {$said}");
                $asked++;
            }
        }
        self::assertGreaterThan(100, $asked);
    }

    /** @return iterable<string, array{string, array<string, mixed>}> */
    public static function computations(): iterable
    {
        yield 'reconcile' => ['reconcile', [
            'tares_g' => ['1' => 412, '2' => 96],
            'resolution_g' => 5,
            'pieces' => [
                ['id' => '1', 'reading_g' => 4210],
                ['id' => '2', 'parent' => '1', 'reading_g' => 650, 'expected' => ['mean_pct' => 16, 'sd_pct' => 2]],
                ['id' => '3', 'parent' => '1', 'reading_g' => 935, 'expected' => ['mean_pct' => 12, 'sd_pct' => 2]],
                ['id' => '4', 'parent' => '1', 'reading_g' => 1515, 'expected' => ['mean_pct' => 35.5, 'sd_pct' => 2]],
                ['id' => '5', 'parent' => '1', 'reading_g' => 1500, 'expected' => ['mean_pct' => 35.5, 'sd_pct' => 2]],
            ],
        ]];
        yield 'portion-plan' => ['portion-plan', [
            'fillet' => ['mass_g' => 1480, 'length_cm' => 52, 'thickness_mm' => 34],
            'kinds' => [['id' => '1', 'target_g' => 170, 'minus_g' => 8, 'plus_g' => 8, 'value' => 3]],
            'mode' => 'exact',
        ]];
        yield 'allocate' => ['allocate', [
            'fillets' => [['id' => '7', 'mass_g' => 1480, 'length_cm' => 52, 'thickness_mm' => 34]],
            'kinds' => [['id' => '1', 'target_g' => 170, 'minus_g' => 8, 'plus_g' => 8, 'demand' => 4]],
        ]];
        yield 'cost' => ['cost', [
            'mass_g' => 4210,
            'price_per_kg_minor' => 1390,
            'products' => [['id' => '1', 'mass_g' => 2380, 'pieces' => 14, 'relative_value' => 3]],
        ]];
        yield 'step-order' => ['step-order', ['given' => ['2', '1', '0'], 'before' => [['1', '2'], ['0', '1']]]];
        yield 'effects' => ['effects', [
            'factors' => ['1', '2'],
            'records' => array_map(fn (int $i): array => [
                'yield_pct' => 55 + $i % 3,
                'mass_g' => 1000 + 10 * $i,
                'group' => '5',
                '1' => (string) ($i % 2),
                '2' => (string) (intdiv($i, 2) % 2),
            ], range(0, 15)),
        ]];
        yield 'schedule' => ['schedule', [
            'cutters' => [['id' => '1', 'from' => 0, 'to' => 200]],
            'tasks' => [
                ['id' => '3', 'minutes' => 20, 'cutters' => ['1']],
                ['id' => '4', 'minutes' => 5, 'after' => ['3']],
            ],
        ]];
        yield 'freshness' => ['freshness', ['grades' => ['1' => 2]]];
    }

    /** @param  array<string, mixed>  $request */
    #[DataProvider('computations')]
    public function test_no_computation_breaks_over_a_name_of_digits(string $name, array $request): void
    {
        $answer = $this->json('POST', "/api/compute/{$name}", $request);
        self::assertLessThan(500, $answer->getStatusCode(), (string) ($answer->exception ?? null)?->getMessage());
        in_array($name, ['reconcile', 'step-order', 'cost'], true) && $answer->assertOk();
    }
}
