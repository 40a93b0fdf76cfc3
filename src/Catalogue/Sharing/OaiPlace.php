<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Sharing;

/**
 * How far a harvester has come: behind which change it goes on, and until when. Written, it is the resumption token.
 */
final readonly class OaiPlace
{
    /**
     * @param string $at    the moment of the last change that was given out
     * @param int    $id    the record of that change
     * @param string $until changes up to this moment
     */
    private function __construct(public string $format, public string $at, public int $id, public string $until)
    {
    }

    public static function begin(string $format, ?string $from, ?string $until, \DateTimeImmutable $now): self
    {
        if (null !== $from && null !== $until && \strlen($from) !== \strlen($until)) {
            throw new OaiProblem('badArgument', 'from and until have to be written alike: both as days or both as moments.');
        }
        $begin = null === $from ? '0001-01-01 00:00:00' : OaiMoment::read($from, false);
        $end = null === $until ? $now->setTimezone(new \DateTimeZone('UTC'))->format('Y-m-d H:i:s') : OaiMoment::read($until, true);
        if ($begin > $end && null !== $until) {
            throw new OaiProblem('badArgument', 'from is behind until.');
        }

        // Everything from this moment on lies behind record 0 of it.
        return new self($format, $begin, 0, $end);
    }

    public static function read(string $token, int $arguments): self
    {
        if ($arguments > 1) {
            throw new OaiProblem('badArgument', 'A resumption token stands alone.');
        }
        $parts = explode(' ', (string) base64_decode(strtr($token, '-_', '+/'), true));
        if (4 !== \count($parts) || 1 !== preg_match('/^\d{14}$/D', $parts[1]) || !ctype_digit($parts[2]) || 1 !== preg_match('/^\d{14}$/D', $parts[3])) {
            throw new OaiProblem('badResumptionToken', 'This token is not one of ours.');
        }
        $moment = static fn (string $digits): string => preg_replace('/^(\d{4})(\d\d)(\d\d)(\d\d)(\d\d)(\d\d)$/', '$1-$2-$3 $4:$5:$6', $digits) ?? '';

        return new self($parts[0], $moment($parts[1]), (int) $parts[2], $moment($parts[3]));
    }

    public function behind(string $at, int $id): self
    {
        return new self($this->format, $at, $id, $this->until);
    }

    public function written(): string
    {
        $digits = static fn (string $moment): string => preg_replace('/\D/', '', $moment) ?? '';

        return rtrim(strtr(base64_encode(implode(' ', [$this->format, $digits($this->at), (string) $this->id, $digits($this->until)])), '+/', '-_'), '=');
    }
}
