<?php

declare(strict_types=1);

namespace TinLantern\Tests\App;

/**
 * What a fetched record becomes, and sources that cannot be reached.
 */
final class SourcesTest extends AppTestCase
{
    private const FETCHED = "LDR 00000nam a2200000 i 4500\n001 far1\n003 FAR\n020 ## \$a9783000000010\n245 10 \$aTides of Skellin\n300 ## \$a212 pages\n650 #0 \$aTides\n938 ## \$aVendor";
    private const OWN = "LDR 00000nam a2200000 i 4500\n001 vi1\n020 ## \$a9783000000010\n245 10 \$aTides\n590 ## \$aGift\n650 #4 \$aSkellin";

    public function testTidyRulesSayWhatTheyDid(): void
    {
        $preview = $this->preview(['as' => 'new']);
        self::assertSame(['removed 938 ## $aVendor', 'added 040 ## $cVIL'], $preview['tidied']);
        self::assertStringNotContainsString('938', $this->textOf($preview));
    }

    public function testRulesAreTriedOutBeforeTheyAreSaved(): void
    {
        $preview = $this->preview(['as' => 'new', 'steps' => [['act' => 'remove', 'tags' => '300']]]);
        self::assertSame(['removed 300 ## $a212 pages'], $preview['tidied']);
        $problem = $this->send('POST', '/api/take-over-previews', ['text' => self::FETCHED, 'steps' => [['act' => 'polish']]], 422);
        self::assertStringContainsString('is no step', (string) json_encode($problem));
    }

    public function testAnOverlayKeepsOurNumberAndLocalFields(): void
    {
        $id = self::number($this->send('POST', '/api/records', ['id' => self::id(), 'text' => self::OWN], 200), 'id');
        $preview = $this->preview(['as' => 'overlay', 'record' => $id]);
        $text = $this->textOf($preview);
        foreach (['001 vi1', '035 ## $a(FAR)far1', '245 10 $aTides of Skellin', '590 ## $aGift'] as $line) {
            self::assertStringContainsString("\n".$line, $text);
        }
        self::assertStringNotContainsString('650 #4', $text);
        $saved = $this->send('PUT', "/api/records/{$id}", ['id' => self::id(), 'version' => $preview['version'], 'text' => $text, 'cause' => 'overlaid'], 200);
        self::assertSame('overlaid', $saved['cause']);
    }

    public function testAMergeAddsWhatOursLacks(): void
    {
        $id = self::number($this->send('POST', '/api/records', ['id' => self::id(), 'text' => self::OWN], 200), 'id');
        $text = $this->textOf($this->preview(['as' => 'merge', 'record' => $id]));
        foreach (['001 vi1', '245 10 $aTides', '300 ## $a212 pages', '650 #0 $aTides', '650 #4 $aSkellin'] as $line) {
            self::assertStringContainsString("\n".$line, $text);
        }
        self::assertStringNotContainsString('Tides of Skellin', $text);
    }

    public function testASourceThatCannotBeReachedSaysSo(): void
    {
        $this->send('PUT', '/api/rule-book/source/nowhere', ['id' => self::id(), 'name' => 'Nowhere', 'content' => ['url' => 'http://127.0.0.1:1/sru', 'version' => '1.2', 'timeLimit' => 1]], 200);
        self::assertContains('nowhere', self::column($this->get('/api/sources'), 'code'));
        $problem = $this->send('GET', '/api/sources/nowhere/hits?by=title&q=tides', null, 424);
        self::assertSame(['source-failed', 'Nowhere cannot be reached.'], [$problem['code'], $problem['detail']]);
        $this->send('POST', '/api/rule-book/source/nowhere/removal', ['id' => self::id()], 200);
        self::assertNotContains('nowhere', self::column($this->get('/api/sources'), 'code'));
    }

    /**
     * @param array<string, mixed> $asked
     *
     * @return array<array-key, mixed>
     */
    private function preview(array $asked): array
    {
        return $this->send('POST', '/api/take-over-previews', ['text' => self::FETCHED] + $asked, 200);
    }

    /** @param array<array-key, mixed> $preview */
    private function textOf(array $preview): string
    {
        self::assertIsString($preview['text']);

        return $preview['text'];
    }
}
