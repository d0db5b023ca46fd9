package morphotera.app.land;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import morphotera.app.people.Viewer;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
public interface LandMapper {
    List<Holding> holdings(@Param("viewer") Viewer viewer);

    Optional<Holding> holding(@Param("viewer") Viewer viewer, @Param("id") UUID id);

    int addHolding(@Param("viewer") Viewer viewer, @Param("it") Holding holding);

    int updateHolding(@Param("viewer") Viewer viewer, @Param("it") Holding holding);

    List<FieldRow> fieldsOf(@Param("viewer") Viewer viewer, @Param("ids") List<UUID> ids);

    List<UUID> fieldIds(@Param("viewer") Viewer viewer);

    List<ZoneRow> zonesOf(@Param("viewer") Viewer viewer, @Param("ids") List<UUID> ids);

    List<Spot> spotsOf(@Param("viewer") Viewer viewer, @Param("ids") List<UUID> ids);

    UUID lockPractice(@Param("viewer") Viewer viewer);

    void touch(@Param("viewer") Viewer viewer, @Param("fieldId") UUID fieldId);

    Optional<Long> changes(@Param("viewer") Viewer viewer, @Param("fieldId") UUID fieldId);

    Optional<FieldRow> field(@Param("viewer") Viewer viewer, @Param("id") UUID id);

    int addField(FieldRow field);

    int updateField(FieldRow field);

    List<ZoneRow> zones(@Param("viewer") Viewer viewer, @Param("fieldId") UUID fieldId);

    Optional<ZoneRow> zone(@Param("viewer") Viewer viewer, @Param("id") UUID id);

    int addZone(@Param("viewer") Viewer viewer, @Param("it") ZoneRow zone);

    int updateZone(@Param("viewer") Viewer viewer, @Param("it") ZoneRow zone);

    List<Spot> spots(@Param("viewer") Viewer viewer, @Param("fieldId") UUID fieldId);

    Optional<Spot> spot(@Param("viewer") Viewer viewer, @Param("id") UUID id);

    int addSpot(@Param("viewer") Viewer viewer, @Param("it") Spot spot);

    int updateSpot(@Param("viewer") Viewer viewer, @Param("it") Spot spot);

    /** The samples of these fields, newest first, each with what was done to the field in the time before it. */
    List<SampleRow> samplesOf(@Param("viewer") Viewer viewer, @Param("ids") List<UUID> ids);

    Optional<SampleRow> sample(@Param("viewer") Viewer viewer, @Param("id") UUID id);

    int addSample(@Param("viewer") Viewer viewer, @Param("it") SampleRow sample);

    int updateSample(@Param("viewer") Viewer viewer, @Param("it") SampleRow sample);

    int readingsAt(@Param("spotId") UUID spotId);
}
