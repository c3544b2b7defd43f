<?php

declare(strict_types=1);

namespace App\Devices;

use JsonException;

/** Speaks newline-delimited JSON to a device on a socket: a word out, an answer back. */
final readonly class LineClient
{
    private const WAIT_SECONDS = 0.4;

    private const MOST_BYTES_A_LINE = 65_536;

    public function __construct(private string $host, private int $port)
    {
    }

    /** Where no device is set up. */
    public static function none(): self
    {
        return new self('', 0);
    }

    /**
     * @param  array<string, int|string>  $words
     * @return array<array-key, mixed>
     *
     * @throws DeviceAway when it does not answer, or not in JSON
     */
    public function ask(array $words): array
    {
        $this->port > 0 || throw new DeviceAway('None is set up.');
        $socket = @stream_socket_client("tcp://{$this->host}:{$this->port}", $code, $message, self::WAIT_SECONDS);
        if ($socket === false) {
            throw new DeviceAway('It does not answer.');
        }
        stream_set_timeout($socket, 0, (int) (self::WAIT_SECONDS * 1_000_000));
        fwrite($socket, json_encode($words, JSON_THROW_ON_ERROR)."\n");
        $line = fgets($socket, self::MOST_BYTES_A_LINE);
        fclose($socket);
        try {
            $answer = json_decode((string) $line, true, 4, JSON_THROW_ON_ERROR);
        } catch (JsonException) {
            throw new DeviceAway('It said something that is no answer.');
        }

        return is_array($answer) ? $answer : throw new DeviceAway('It said something that is no answer.');
    }
}
