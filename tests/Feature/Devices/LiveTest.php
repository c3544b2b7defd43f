<?php

declare(strict_types=1);

namespace Tests\Feature\Devices;

use GuzzleHttp\Exception\TransferException;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Str;
use PDO;
use Psr\Http\Message\ResponseInterface;
use Symfony\Component\Process\Process;

/** What only shows when real processes run, and end. */
final class LiveTest extends TestCase
{
    private LiveServer $live;

    protected function setUp(): void
    {
        parent::setUp();
        $this->live = new LiveServer(busyMs: 150);
        $this->live->setUpKitchen();
    }

    protected function tearDown(): void
    {
        $this->live->end();
        parent::tearDown();
    }

    public function test_a_write_without_the_token_is_refused_and_the_session_is_kept_from_scripts(): void
    {
        $refused = $this->live->send('PUT', '/me/units', ['units' => 'us'], withToken: false);
        self::assertSame(419, $refused->getStatusCode());
        self::assertSame('application/problem+json', $refused->getHeaderLine('Content-Type'));
        $session = (string) $this->live->cookie('sectum_session');
        self::assertStringContainsString('HttpOnly', $session);
        self::assertStringContainsStringIgnoringCase('samesite=strict', $session);
        self::assertSame(200, $this->live->send('PUT', '/me/units', ['units' => 'us'])->getStatusCode());
    }

    public function test_what_was_acknowledged_is_there_after_the_server_was_killed(): void
    {
        $fish = $this->live->receive();
        $acknowledged = [];
        // SECTUM_LOAD=long is the proof: sixty.
        for ($round = 0, $kills = getenv('SECTUM_LOAD') === 'long' ? 60 : 6; $round < $kills; $round++) {
            $killer = proc_open(
                ['sh', '-c', 'sleep 0.'.(2 + ($round % 7)).'; pkill -9 -f "127.0.0.1:8436 -t public"'],
                [],
                $pipes,
            );
            self::assertIsResource($killer);
            try {
                while (true) {
                    $reading = (string) Str::ulid();
                    if (
                        $this->live
                            ->send('PUT', "/breakdown/fish/{$fish}/readings/{$reading}", [
                                'part' => 'fins',
                                'weight' => ['typed' => '5 g'],
                            ])
                            ->getStatusCode() === 200
                    ) {
                        $acknowledged[] = $reading;
                    }
                }
            } catch (TransferException) {
                proc_close($killer);
                $this->live->killServer();
                $this->live->startServer();
            }
        }
        $database = new PDO('sqlite:'.$this->live->database);
        $stored = $database->query('select id from readings')?->fetchAll(PDO::FETCH_COLUMN);
        self::assertNotSame([], $acknowledged);
        self::assertSame([], array_diff($acknowledged, $stored ?: []));
        self::assertSame('ok', $database->query('pragma integrity_check')?->fetchColumn());
        self::assertSame(
            0,
            $database
                ->query('select count(*) from pieces p left join readings r on r.piece_id = p.id where r.id is null')
                ?->fetchColumn(),
            'a piece without its reading is half a write',
        );
    }

    public function test_typing_goes_on_when_the_scale_is_gone(): void
    {
        $this->live->startScale();
        $fish = $this->live->receive();
        $sample = json_decode((string) $this->live->send('POST', '/scale/pan', ['put' => '650 g'])->getBody(), true);
        self::assertIsArray($sample, 'the pan answers');
        self::assertArrayHasKey('mass_mg', $sample, (string) json_encode($sample));
        usleep(1_600_000);
        $settled = json_decode((string) $this->live->send('GET', '/scale')->getBody(), true);
        self::assertIsArray($settled);
        self::assertTrue($settled['steady']);
        $pan = array_intersect_key($settled, array_flip(['mass_mg', 'tare_mg', 'resolution_mg', 'steady']));
        $taken = $this->live->send('PUT', "/breakdown/fish/{$fish}/readings/".Str::ulid(), [
            'part' => 'head',
            'weight' => ['pan' => $pan],
        ]);
        self::assertSame(200, $taken->getStatusCode(), (string) $taken->getBody());
        $this->live->killScale();
        $gone = $this->live->send('GET', '/scale');
        self::assertSame(503, $gone->getStatusCode());
        self::assertStringContainsString('Type the weight instead', (string) $gone->getBody());
        self::assertSame(
            200,
            $this->live
                ->send('PUT', "/breakdown/fish/{$fish}/readings/".Str::ulid(), [
                    'part' => 'frame',
                    'weight' => ['typed' => '520 g'],
                ])
                ->getStatusCode(),
        );
    }

    public function test_a_write_waits_its_turn_and_is_told_to_come_back_when_it_gets_none(): void
    {
        $fish = $this->live->receive();
        $other = new PDO('sqlite:'.$this->live->database);
        $send = fn (): ResponseInterface => $this->live->send(
            'PUT',
            "/breakdown/fish/{$fish}/readings/".Str::ulid(),
            ['part' => 'fins', 'weight' => ['typed' => '5 g']],
        );
        $other->exec('begin immediate');
        $busy = $send();
        self::assertSame(
            [503, '1'],
            [$busy->getStatusCode(), $busy->getHeaderLine('Retry-After')],
            (string) $busy->getBody(),
        );
        self::assertSame(
            200,
            $this->live->send('GET', "/breakdown/fish/{$fish}")->getStatusCode(),
            'reading waits for nobody',
        );
        $other->exec('commit');
        self::assertSame(200, $send()->getStatusCode());
        // Let go while it waits: it gets its turn.
        $holder = new Process([
            'php',
            '-r',
            '$p = new PDO("sqlite:".$argv[1]); $p->exec("begin immediate"); echo "held"; usleep(200000); '.
                '$p->exec("commit");',
            $this->live->database,
        ]);
        $holder->start();
        $holder->waitUntil(fn (string $type, string $said): bool => $said === 'held');
        self::assertSame(200, $send()->getStatusCode());
    }

    public function test_nothing_is_undone_by_a_command(): void
    {
        $rollback = new Process(['php', 'artisan', 'migrate:rollback', '--force'], base_path(), [
            'DB_DATABASE' => $this->live->database,
            'APP_ENV' => 'production',
        ]);
        $rollback->run();
        self::assertNotSame(0, $rollback->getExitCode());
        self::assertSame(
            1,
            (int) (new PDO('sqlite:'.$this->live->database))->query('select count(*) from people')?->fetchColumn(),
        );
    }
}
