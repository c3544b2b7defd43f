<?php

declare(strict_types=1);

namespace App\Devices;

use JsonException;
use RuntimeException;

/**
 * A stand-in device on the loopback address: one JSON object a line in, one a line out.
 *
 * Nothing a client does stops it for the others: nothing is waited for, half a line is given a few seconds, and whoever
 * says nothing for a while makes room.
 */
final class LineServer
{
    private const MOST_CLIENTS = 32;

    private const MOST_BYTES_A_LINE = 4096;

    /** Seconds a client may say nothing. */
    private const PATIENCE = 5.0;

    /**
     * @var array<int, array{resource, string, float}> client, what it has said of a line, when it last said something
     */
    private array $clients = [];

    /**
     * @param  callable(array<array-key, mixed>, float): Answer  $answer  to one line, at a moment in
     *     seconds that never goes back
     * @param  float  $pace  seconds of the device that pass in one of ours
     */
    private function __construct(private $answer, private readonly float $pace)
    {
    }

    /**
     * Listens until it is ended.
     *
     * @param  callable(array<array-key, mixed>, float): Answer  $answer
     */
    public static function run(string $address, callable $answer): never
    {
        $server = stream_socket_server($address, $code, $message);
        if ($server === false) {
            throw new RuntimeException("The device cannot listen at {$address}: {$message}");
        }
        stream_set_blocking($server, false);
        $device = new self($answer, config()->float('sectum.pace'));
        while (true) {
            $device->turn($server);
        }
    }

    /** @param  resource  $server */
    private function turn($server): void
    {
        $ready = [$server, ...array_map(fn (array $client): mixed => $client[0], array_values($this->clients))];
        $none = null;
        // A reset connection or a signal is no reason to end.
        if (@stream_select($ready, $none, $none, 1) === false) {
            usleep(10_000);

            return;
        }
        foreach ($ready as $socket) {
            $socket === $server ? $this->accept($server) : $this->read($socket);
        }
        foreach ($this->clients as $id => [, , $since]) {
            if (self::now() - $since > self::PATIENCE) {
                $this->close($id);
            }
        }
    }

    /** @param  resource  $server */
    private function accept($server): void
    {
        $client = @stream_socket_accept($server, 0);
        if ($client === false) {
            return;
        }
        if (count($this->clients) >= self::MOST_CLIENTS) {
            // The one that has said nothing for longest makes room.
            $since = array_map(fn (array $one): float => $one[2], $this->clients);
            $this->close((int) array_search(min($since), $since, true));
        }
        stream_set_blocking($client, false);
        $this->clients[(int) $client] = [$client, '', self::now()];
    }

    /** @param  resource  $socket */
    private function read($socket): void
    {
        $id = (int) $socket;
        $said = @fread($socket, self::MOST_BYTES_A_LINE);
        $line = ($this->clients[$id][1] ?? '').$said;
        if ($said === false || ($said === '' && feof($socket)) || strlen($line) > self::MOST_BYTES_A_LINE) {
            $this->close($id);

            return;
        }
        while (($end = strpos($line, "\n")) !== false) {
            $words = json_decode(substr($line, 0, $end), true, 4);
            $line = substr($line, $end + 1);
            $asked = is_array($words) ? $words : [];
            try {
                @fwrite(
                    $socket,
                    json_encode(($this->answer)($asked, self::now() * $this->pace), JSON_THROW_ON_ERROR).
                        "\n",
                );
            } catch (JsonException) {
                $this->close($id);

                return;
            }
        }
        $this->clients[$id] = [$socket, $line, $said === '' ? $this->clients[$id][2] : self::now()];
    }

    private function close(int $id): void
    {
        if (isset($this->clients[$id])) {
            @fclose($this->clients[$id][0]);
            unset($this->clients[$id]);
        }
    }

    private static function now(): float
    {
        return hrtime(true) / 1e9;
    }
}
