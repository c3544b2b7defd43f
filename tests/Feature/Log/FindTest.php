<?php

declare(strict_types=1);

namespace Tests\Feature\Log;

use App\Log\Ledger\LoggedFish;
use PHPUnit\Framework\Attributes\DataProvider;

final class FindTest extends LogKitchen
{
    /** @return list<int> */
    private function found(string $query): array
    {
        /** @var list<int> $numbers */
        $numbers = $this->api('GET', "/log?{$query}")->assertOk()->json('fish.*.fish.number');

        return $numbers;
    }

    public function test_words_and_choices_find_the_same(): void
    {
        $this->logged(['cut_on' => '2026-09-02']);
        $this->logged(['cut_on' => '2026-11-02', 'each_mg' => 3_500_000], ['supplier' => 'Second Boats']);
        $this->logged(['cut_on' => '2026-11-20', 'cutter_id' => $this->chef->id]);
        $hake = $this->species('Hake');
        self::assertSame([3, 2], $this->found('q=hake+since+October'));
        self::assertSame([3, 2], $this->found("species={$hake}&from=2026-10-01"));
        self::assertSame([2], $this->found('q=over+3+kg'));
        self::assertSame([2], $this->found('over='.urlencode('3 kg')));
        self::assertSame([2], $this->found('q=from+Second'));
        self::assertSame([3], $this->found('q=by+Head'));
        self::assertSame([3], $this->found("cutter={$this->chef->id}"));
        self::assertSame([1], $this->found('q=no.+1'));
        self::assertSame([3, 2], $this->found("cutter={$this->chef->id},{$this->cutter->id}&from=2026-10-01"));
        $this->api('GET', '/log?q=hake+since+October+zzz')->assertJsonPath('total', 0)->assertJsonPath('rest', 'zzz');
        $this->api('GET', '/log?q=hake+over+3+kg')
            ->assertJsonPath('asked.0.name', 'Hake')
            ->assertJsonPath('asked.1.name', 'over 3000 g');
    }

    public function test_fish_stand_by_what_they_gave_against_what_was_expected(): void
    {
        foreach ([57.0, 60.0, 52.0] as $pct) {
            $this->logged(['yield_pct' => $pct]);
        }
        self::assertSame([2, 1, 3], $this->found('sort=above'));
        self::assertSame([3, 1, 2], $this->found('sort=below'));
        $this->api('GET', '/log?sort=above')->assertJsonPath('fish.0.off', 3);
        $this->api('GET', '/log?sort=worst')->assertUnprocessable()->assertJsonPath('errors.0.pointer', '/sort');
    }

    public function test_levels_stand_side_by_side_with_their_spread(): void
    {
        $this->told(6);
        $this->api('GET', '/log/by/cutter')
            ->assertOk()
            ->assertJsonCount(2, 'levels')
            ->assertJsonPath('levels.0.fish', 6)
            ->assertJsonCount(6, 'levels.0.points');
        foreach (['species', 'state', 'size', 'supplier', 'method', 'month', 'fat'] as $by) {
            $this->api('GET', "/log/by/{$by}")->assertOk();
        }
        $this->api('GET', '/log/by/moon')->assertNotFound();
        LoggedFish::query()->where('cutter_id', $this->chef->id)->update(['cutter_id' => $this->cutter->id]);
        $one = $this->api('GET', '/log/by/cutter?q=no.+1')->assertJsonCount(1, 'levels');
        self::assertNull($one->json('levels.0.low'), 'one fish has no spread');
    }

    public function test_what_is_sought_goes_out_as_a_table_with_no_formula_in_it(): void
    {
        $this->logged(['lot' => '=1+1']);
        $this->logged(['lot' => '-H'], ['supplier' => '@Boats']);
        $csv = $this->get('/api/log/table.csv?q=hake')->streamedContent();
        self::assertSame(3, substr_count($csv, "\r\n"));
        self::assertStringContainsString("'=1+1", $csv);
        self::assertStringContainsString("'-H", $csv);
        self::assertStringContainsString("'@Boats", $csv);
        $json = json_decode($this->get('/api/log/table.json?q=no.+2')->streamedContent(), true, 8, JSON_THROW_ON_ERROR);
        self::assertIsArray($json);
        self::assertCount(1, $json);
        self::assertSame('=1+1', json_decode(
            $this->get('/api/log/table.json?q=no.+1')->streamedContent(),
            true,
            8,
            JSON_THROW_ON_ERROR,
        )[0]['lot']);
        self::assertSame('[', trim($this->get('/api/log/table.json?q=zzz')->streamedContent(), "]\n"));
    }

    /** @return array<string, array{string, string}> */
    public static function unreadable(): array
    {
        return [
            'a day' => ['from=2026-02-31', '/from'],
            'a weight' => ['over=heavy', '/over'],
            'a service' => ['service=tonight', '/service'],
        ];
    }

    #[DataProvider('unreadable')]
    public function test_what_cannot_be_read_is_said_where_it_was_entered(string $query, string $pointer): void
    {
        $this->api('GET', "/log?{$query}")->assertUnprocessable()->assertJsonPath('errors.0.pointer', $pointer);
    }

    public function test_a_search_is_saved_for_whoever_saved_it(): void
    {
        $view = self::id();
        $this->api('PUT', "/log/views/{$view}", ['name' => 'Large hake', 'query' => 'q=hake+over+3+kg'])
            ->assertOk()
            ->assertJsonPath('0.name', 'Large hake');
        $this->api('PUT', "/log/views/{$view}", ['name' => 'Large hake', 'query' => 'q=hake+over+3+kg'])->assertOk();
        $this->api('PUT', "/log/views/{$view}", ['name' => 'Hake', 'query' => 'q=hake', 'version' => 0])
            ->assertConflict();
        $this->actingAs($this->cutter);
        $this->api('GET', '/log/choices')->assertJsonPath('views', []);
        $this->api('PUT', "/log/views/{$view}", ['name' => 'Mine', 'query' => 'q=hake', 'version' => 1])
            ->assertNotFound();
        $this->api('PUT', "/log/views/{$view}/retired", ['version' => 1])->assertNotFound();
        $this->actingAs($this->chef);
        $this->api('PUT', "/log/views/{$view}/retired", ['version' => 1])->assertOk()->assertJsonPath('', null);
        $this->api('GET', '/log/choices')->assertJsonPath('views', []);
    }
}
