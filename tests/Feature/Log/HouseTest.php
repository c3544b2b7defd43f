<?php

declare(strict_types=1);

namespace Tests\Feature\Log;

use App\Log\House\Dictionary;
use App\Log\House\HouseTables;
use App\Log\Ledger\OldYieldRow;
use ZipArchive;

final class HouseTest extends LogKitchen
{
    private const OLD = "Fish;Whole kg;Yield %;Date;Cutter\r\nHake;2,1;58,9;3/11/2025;Cutter\r\n".
        "Hake;1,8;0,576;4/11/2025;Old Hand\r\nMoonfish;2;50;;\r\nHake;nothing;50;;\r\nHake;2;140;;\r\n";

    public function test_every_row_goes_out_once_and_no_secret_does(): void
    {
        $fish = $this->logged();
        $lines = explode("\n", trim($this->get('/api/log/house/house.jsonl')->assertOk()->streamedContent()));
        self::assertCount(array_sum(HouseTables::all()), $lines);
        $all = implode("\n", $lines);
        self::assertStringContainsString($fish, $all);
        self::assertStringNotContainsString($this->chef->pin_hash, $all);
        self::assertStringNotContainsString('pin_hash', $all);
        $csv = $this->get('/api/log/house/tables/fish.csv')->assertOk()->streamedContent();
        self::assertSame(2, substr_count($csv, "\r\n"));
        foreach (['sessions', 'people; drop table fish', 'moon'] as $not) {
            $this->get('/api/log/house/tables/'.urlencode($not).'.csv')->assertNotFound();
        }
        $this->api('GET', '/log/house')->assertOk()->assertJsonPath('rows', array_sum(HouseTables::all()));
    }

    public function test_the_zip_holds_every_table_and_what_each_column_means(): void
    {
        $this->logged();
        $file = (string) tempnam(sys_get_temp_dir(), 'zip');
        $answer = $this->get('/api/log/house/house.zip')->assertOk();
        copy($answer->baseResponse->getFile()->getPathname(), $file);
        $zip = new ZipArchive();
        self::assertTrue($zip->open($file));
        self::assertSame(count(HouseTables::all()) + 1, $zip->numFiles);
        self::assertStringContainsString('fish,number,', (string) $zip->getFromName('dictionary.csv'));
        unlink($file);
        $said = [];
        foreach (Dictionary::rows() as $row) {
            self::assertNotSame('', $row['meaning'], "{$row['table']}.{$row['column']}");
            $said["{$row['table']}.{$row['column']}"] = $row['meaning'];
        }
        self::assertSame("the house's running number", $said['fish.number'] ?? null);
        self::assertSame('milligrams', $said['pieces.mass_mg'] ?? $said['sample_weighings.mass_mg'] ?? null);
    }

    public function test_an_old_notebook_is_looked_at_taken_over_and_taken_back(): void
    {
        $body = ['name' => 'notebook.csv', 'file' => self::OLD];
        $columns = [
            'species' => 'Fish',
            'mass' => 'Whole kg',
            'yield' => 'Yield %',
            'day' => 'Date',
            'cutter' => 'Cutter',
        ];
        $this->api('POST', '/log/house/yields', $body)
            ->assertOk()
            ->assertJsonPath('faults.0', 'Choose the column with the weight of the whole fish.');
        $shown = $this->api('POST', '/log/house/yields', [...$body, 'columns' => $columns])->assertOk();
        self::assertSame([2, 3], [$shown->json('good'), $shown->json('faulty')]);
        self::assertSame(0, OldYieldRow::rows()->count());
        $act = self::id();
        $this->api('PUT', "/log/house/yields/{$act}", [...$body, 'columns' => $columns])
            ->assertOk()
            ->assertJsonPath('old.0.rows', 2);
        $this->api('PUT', "/log/house/yields/{$act}", [...$body, 'columns' => $columns])->assertOk();
        $rows = OldYieldRow::query()->orderBy('row')->get();
        self::assertCount(2, $rows);
        self::assertSame([2_100_000, 58.9, '2025-11-03', $this->cutter->id], [
            $rows[0]->each_mg ?? null,
            $rows[0]->yield_pct ?? null,
            $rows[0]->cut_on ?? null,
            $rows[0]->cutter ?? null,
        ]);
        self::assertEqualsWithDelta(57.6, $rows[1]->yield_pct ?? 0.0, 1e-9, 'a share of one is a percentage');
        self::assertSame(OldYieldRow::OLD.'Old Hand', $rows[1]->cutter ?? null);
        $this->api('PUT', "/log/house/yields/{$act}/taken-back")->assertOk()->assertJsonPath('old', []);
        self::assertSame(0, OldYieldRow::rows()->count());
    }

    public function test_what_is_no_table_is_refused(): void
    {
        foreach (['x', "\x00\x01binary", "one\ntwo\n"] as $file) {
            $this->api('POST', '/log/house/yields', ['name' => 'x', 'file' => $file])->assertUnprocessable();
        }
        $this->api('PUT', '/log/house/yields/'.self::id(), ['name' => 'x', 'file' => "Fish,Whole,Yield\nMoon,2,3\n"])
            ->assertUnprocessable();
    }
}
