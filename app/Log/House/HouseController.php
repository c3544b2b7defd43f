<?php

declare(strict_types=1);

namespace App\Log\House;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Kitchen\Csv;
use App\Kitchen\Person;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use RuntimeException;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\StreamedResponse;
use ZipArchive;

/** The whole house out, in open formats; yields of another in. Both are the head chef's. */
final readonly class HouseController
{
    private const JSON = JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES;

    public function index(Request $request): JsonResponse
    {
        self::chef($request);
        $tables = HouseTables::all();

        return new JsonResponse([
            'tables' => array_map(
                fn (string $name, int $rows): array => ['name' => $name, 'rows' => $rows],
                array_keys($tables),
                array_values($tables),
            ),
            'rows' => array_sum($tables),
            'old' => OldYields::files(),
        ]);
    }

    public function table(Request $request, string $table): StreamedResponse
    {
        self::chef($request);
        isset(HouseTables::all()[$table]) || throw Fault::notThere('There is no such table.');

        return self::streamed("{$table}.csv", 'text/csv; charset=utf-8', function () use ($table): void {
            echo Csv::rows([array_column(HouseTables::columns($table), 'name')]);
            foreach (HouseTables::rows($table) as $rows) {
                echo Csv::rows($rows);
                flush();
            }
        });
    }

    public function dictionary(Request $request): Response
    {
        self::chef($request);

        return new Response(Csv::of(Dictionary::COLUMNS, Dictionary::rows()), 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="dictionary.csv"',
        ]);
    }

    /** Every row of every table, one a line: written as it is read. */
    public function lines(Request $request): StreamedResponse
    {
        self::chef($request);

        return self::streamed('house.jsonl', 'application/x-ndjson', function (): void {
            foreach (array_keys(HouseTables::all()) as $table) {
                foreach (HouseTables::rows($table) as $rows) {
                    foreach ($rows as $row) {
                        echo json_encode(['table' => $table, 'row' => $row], self::JSON), "\n";
                    }
                    flush();
                }
            }
        });
    }

    /** A CSV a table and the dictionary, in one file. */
    public function zip(Request $request): BinaryFileResponse
    {
        self::chef($request);
        $file = (string) tempnam(sys_get_temp_dir(), 'sectum-house');
        $zip = new ZipArchive();
        $zip->open($file, ZipArchive::OVERWRITE) === true || throw new RuntimeException("{$file} cannot be written.");
        $zip->addFromString('dictionary.csv', Csv::of(Dictionary::COLUMNS, Dictionary::rows()));
        $parts = [];
        foreach (array_keys(HouseTables::all()) as $table) {
            $parts[] = $part = (string) tempnam(sys_get_temp_dir(), 'sectum-table');
            file_put_contents($part, Csv::rows([array_column(HouseTables::columns($table), 'name')]));
            foreach (HouseTables::rows($table) as $rows) {
                file_put_contents($part, Csv::rows($rows), FILE_APPEND);
            }
            $zip->addFile($part, "{$table}.csv");
        }
        $zip->close();
        array_map(unlink(...), $parts);

        return (new BinaryFileResponse($file, 200, ['Content-Type' => 'application/zip']))
            ->setContentDisposition('attachment', 'house.zip')
            ->deleteFileAfterSend();
    }

    public function preview(Request $request, OldYields $old): JsonResponse
    {
        return new JsonResponse($old->preview(Fields::of($request), self::chef($request)));
    }

    public function take(Request $request, OldYields $old, string $act): JsonResponse
    {
        $old->take($act, Fields::of($request), self::chef($request));

        return $this->index($request);
    }

    public function takeBack(Request $request, OldYields $old, string $act): JsonResponse
    {
        self::chef($request);
        $old->takeBack($act);

        return $this->index($request);
    }

    private static function streamed(string $name, string $type, callable $write): StreamedResponse
    {
        return new StreamedResponse($write, 200, [
            'Content-Type' => $type,
            'Content-Disposition' => "attachment; filename=\"{$name}\"",
        ]);
    }

    private static function chef(Request $request): Person
    {
        $person = Person::of($request);
        $person->mustBeHeadChef('The head chef hands over the records of the house.');

        return $person;
    }
}
